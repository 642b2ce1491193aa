/** What the query-string library asks of its `side-channel` package; browsers have had it built in for long. */
module.exports = () => new WeakMap();
