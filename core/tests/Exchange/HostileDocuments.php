<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exchange;

/** Documents that must never be taken: the examples, each with one thing wrong. */
final class HostileDocuments
{
    private const OTHER = '7c000000-0000-4000-8000-000000000001';

    private function __construct() {}

    public static function example(string $name): string
    {
        return (string) file_get_contents(__DIR__ . "/../../examples/$name.json");
    }

    /** @return iterable<string, array{string, string, string}> document, field and a part of the sentence */
    public static function all(): iterable
    {
        yield from self::texts();
        foreach (self::changes() as $name => [$example, $path, $value, $field, $sentence]) {
            yield $name => [self::with($example, $path, $value), $field, $sentence];
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    private static function texts(): iterable
    {
        yield 'nothing' => ['', '', 'This is not JSON'];
        yield 'half a document' => [substr(self::example('night'), 0, 700), '', 'This is not JSON'];
        yield 'an endless number' => ['{"format": NaN}', '', 'This is not JSON'];
        yield 'a trailing comma' => ['{"format": "kaddle-bag",}', '', 'This is not JSON'];
        yield 'broken UTF-8' => ["{\"format\": \"\xff\"}", '', 'This is not JSON'];
        yield 'a list' => ['[]', '', 'is a JSON object'];
        yield 'a text' => ['"kaddle-bag"', '', 'is a JSON object'];
        yield 'nothing in it' => ['{}', '', 'is a JSON object'];
        yield 'no format' => ['{"version": 1}', '', 'The format must be one of: kaddle-bag, kaddle-place, kaddle-night'];
        yield 'a format of another program' => ['{"format": "album", "version": 1}', '', 'The format must be one of'];
        yield 'a format as a number' => ['{"format": 3, "version": 1}', '', 'The format must be one of'];
        yield 'very deep' => [str_repeat('{"place":', 400) . '1' . str_repeat('}', 400), '', 'The document goes deeper than 16 levels'];
        yield 'larger than any night' => ['{"format": "kaddle-bag", "x": "' . str_repeat('a', 17_000_000) . '"}', '', 'The document is too long'];
        yield '100000 moments' => [substr(self::example('night'), 0, (int) strrpos(self::example('night'), '"moments"')) . '"moments": [' . str_repeat('{},', 99_999) . '{}]}', 'moments', 'must be a list of 1 to 300'];
        yield 'a key twice, the last wrong' => ['{"format": "kaddle-bag", "version": 1, "pieces": [], "pieces": 3}', 'pieces', 'must be a list'];
    }

    /** @return iterable<string, array{string, string, mixed, string, string}> example, path, value, field, part of the sentence */
    private static function changes(): iterable
    {
        $text = 'must be plain text, without < and >';
        yield 'a future version' => ['night', 'version', 3, '', 'The version must be 2, or 1'];
        yield 'a version as text' => ['bag', 'version', '1', '', 'The version must be 2, or 1'];
        yield 'pieces that are an object' => ['bag', 'pieces', ['a' => 1], 'pieces', 'must be a list of 1 to 500'];
        yield 'openings of a lens as text' => ['night', 'pieces.2.openings', 'x', 'pieces.2.openings', 'must be a list of'];
        yield 'a piece that is a number' => ['bag', 'pieces.0', 7, 'pieces.0.piece', 'must be one of: body'];
        yield 'a piece of an unknown kind' => ['bag', 'pieces.0.piece', 'tripod', 'pieces.0.piece', 'must be one of: body'];
        yield 'a piece without identity' => ['bag', 'pieces.0.uid', null, 'pieces.0.uid', 'must be a UUID'];
        yield 'an identity that is a path' => ['bag', 'pieces.0.uid', '../../etc/passwd', 'pieces.0.uid', 'must be a UUID'];
        yield 'an identity as a number' => ['bag', 'pieces.0.uid', 1, 'pieces.0.uid', 'must be a UUID'];
        yield 'an identity with SQL in it' => ['bag', 'pieces.0.uid', "'; drop table pieces; --", 'pieces.0.uid', 'must be a UUID'];
        yield 'an identity with a line break' => ['bag', 'pieces.0.uid', self::OTHER . "\n", 'pieces.0.uid', 'must be a UUID'];
        yield 'an identity twice' => ['bag', 'pieces.1.uid', '6b1d2f00-0000-4000-8000-000000000001', 'pieces.1.uid', 'is given twice'];
        yield 'markup in the name of a piece' => ['bag', 'pieces.0.name', '<script>alert(1)</script>', 'pieces.0.name', $text];
        yield 'a name as a list' => ['bag', 'pieces.0.name', ['Body'], 'pieces.0.name', 'must be text'];
        yield 'a name of a megabyte' => ['bag', 'pieces.0.name', str_repeat('a', 1_000_000), 'pieces.0.name', 'at most 80 characters'];
        yield 'a zero byte in a name' => ['bag', 'pieces.0.name', "Body\0", 'pieces.0.name', $text];
        yield 'a name that turns the text round' => ['bag', 'pieces.0.name', "Body\u{202E}ydoB", 'pieces.0.name', $text];
        yield 'an owner' => ['bag', 'user_id', 1, 'user_id', 'is not a field here'];
        yield 'an owner of a piece' => ['bag', 'pieces.0.user_id', 1, 'pieces.0.user_id', 'is not a field here'];
        yield 'a guide number of a lighthouse' => ['bag', 'pieces.5.zoom.0.guideNumber', 5000, 'pieces.5.zoom.0.guideNumber', 'must be 2 to 120 m'];
        yield 'a zone of the moon' => ['place', 'zone', 'Moon/Tranquility', 'zone', 'IANA'];
        yield 'a zone as an offset' => ['place', 'zone', '+02:00', 'zone', 'IANA'];
        yield 'a place beyond the pole' => ['place', 'latitude', 95, 'latitude', 'must be −90 to 90'];
        yield 'a place as text' => ['place', 'longitude', '8.1', 'longitude', 'must be a number'];
        yield 'a rule nobody made' => ['place', 'rules.0.rule', 'no-smiling', 'rules.0.rule', 'must be one of: no-flash'];
        yield 'a rule at 25 o’clock' => ['place', 'rules.0.from', '25:00', 'rules.0.from', 'must be a time of day'];
        yield 'rooms that are a text' => ['place', 'rooms', 'all', 'rooms', 'must be a list of 1 to 60'];
        yield '61 rooms' => ['place', 'rooms', array_fill(0, 61, []), 'rooms', 'must be a list of 1 to 60'];
        yield 'a room without height' => ['place', 'rooms.0.height', 0, 'rooms.0.height', 'must be 2 to 40 m'];
        yield 'a ridge under the eaves' => ['place', 'rooms.1.roof.ridge', 5, 'rooms.1.roof.ridge', 'must be higher than the eaves'];
        yield 'a finish of gold' => ['place', 'rooms.0.finishes.ceiling', 'gold', 'rooms.0.finishes.ceiling', 'must be one of'];
        yield 'a seventh face' => ['place', 'rooms.0.finishes.inside', 'limewash', 'rooms.0.finishes.inside', 'is not a field here'];
        yield 'a lamp like the sun' => ['place', 'rooms.0.lamps.0.lux', 1e9, 'rooms.0.lamps.0.lux', 'must be 0.1 to 20'];
        yield 'a reading on 31 September' => ['place', 'rooms.0.readings.0.at', '2027-09-31T18:30', 'rooms.0.readings.0.at', 'must be a day and a time'];
        yield 'a reading without its lux' => ['place', 'rooms.0.readings.0', ['spot' => 'x', 'at' => '2027-09-18T18:30', 'kind' => 'incident'], 'rooms.0.readings.0', 'needs its lux'];
        yield 'a camera reading without ISO' => ['place', 'rooms.0.readings.1', ['spot' => 'x', 'at' => '2027-09-18T18:30', 'kind' => 'metered', 'shutter' => '1/30', 'aperture' => 'f/2.8'], 'rooms.0.readings.1', 'needs shutter, aperture and ISO'];
        yield '201 readings' => ['place', 'rooms.0.readings', array_fill(0, 201, []), 'rooms.0.readings', 'must be a list of 1 to 200'];
        yield 'markup in the place' => ['night', 'place.name', '<img src=x onerror=alert(1)>', 'place.name', $text];
        yield 'no place' => ['night', 'place', null, 'place', 'must be an object'];
        yield 'a night on no day' => ['night', 'date', '2027-02-30', 'date', 'must be a day'];
        yield 'a night in the year 3000' => ['night', 'date', '3000-01-01', 'date', 'must be a day'];
        yield 'moments that are null' => ['night', 'moments', null, 'moments', 'must be a list'];
        yield 'a moment in a room of somebody else' => ['night', 'moments.0.room', self::OTHER, 'moments.0.room', 'No room of the place has this identity'];
        yield 'a moment with somebody else’s body' => ['night', 'moments.0.body', self::OTHER, 'moments.0.body', 'No body among the pieces'];
        yield 'a lens that is a flash' => ['night', 'moments.0.lens', '6b1d2f00-0000-4000-8000-000000000006', 'moments.0.lens', 'No lens among the pieces'];
        yield 'a gel that is not there' => ['night', 'moments.1.gel', self::OTHER, 'moments.1.gel', 'No gel among the pieces'];
        yield 'a moment that is its own room' => ['night', 'moments.0.room', '6b1d2f00-0000-4000-8000-000000000201', 'moments.0.room', 'No room of the place'];
        yield 'two moments that are one' => ['night', 'moments.1.uid', '6b1d2f00-0000-4000-8000-000000000201', 'moments.1.uid', 'is given twice'];
        yield 'a moment of no length' => ['night', 'moments.0.plan.minutes', 0, 'moments.0.plan.minutes', 'must be 1 to 720 min'];
        yield 'a start like midnight and a half' => ['night', 'moments.0.plan.starts', '24:30', 'moments.0.plan.starts', 'must be a time of day'];
        yield 'the farthest nearer than the nearest' => ['night', 'moments.0.plan.farthest', 1, 'moments.0.plan.farthest', 'must not stand nearer'];
        yield 'a presence nobody knows' => ['night', 'moments.0.plan.presence', ['dragon'], 'moments.0.plan.presence', 'must be a list of: baby'];
        yield 'markup in the notes' => ['night', 'moments.0.plan.notes', 'see <a href="x">here</a>', 'moments.0.plan.notes', $text];
        yield 'notes of a novel' => ['night', 'moments.0.plan.notes', str_repeat('word ', 500), 'moments.0.plan.notes', 'at most 2000 characters'];
        yield 'a subject in the wall' => ['night', 'moments.0.subject.distance', 25, 'moments.0.subject.distance', 'outside the room'];
        yield 'a camera in the next room' => ['night', 'moments.0.camera.fromBackWall', 150, 'moments.0.camera.fromBackWall', 'outside the room'];
        yield 'glow from nowhere' => ['night', 'moments.0.glow', ['curve' => false], 'moments.0.glow.ev', 'must be a number'];
        yield 'glow given twice' => ['night', 'moments.0.glow', ['ev' => 4, 'metered' => ['shutter' => '1/30', 'aperture' => 'f/2.8', 'iso' => '1600']], 'moments.0.glow.ev', 'in one way only'];
        yield 'a head that looks inside' => ['night', 'moments.0.head', 'inward', 'moments.0.head', 'must be one of: up'];
        yield 'a dozen units' => ['night', 'moments.0.units', 12, 'moments.0.units', 'must be 1 to 4 units'];
        yield 'an aperture of glass and hope' => ['night', 'moments.0.look.aperture', 'f/0.1', 'moments.0.look.aperture', 'aperture'];
    }

    private static function with(string $example, string $path, mixed $value): string
    {
        $data = json_decode(self::example($example), true, 16, JSON_THROW_ON_ERROR);
        $place = &$data;
        foreach (explode('.', $path) as $name) {
            if (!is_array($place)) {
                $place = [];
            }
            $place = &$place[$name];
        }
        $place = $value;

        return json_encode($data, JSON_THROW_ON_ERROR);
    }
}
