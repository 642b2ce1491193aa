<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

use Kaddle\Core\KaddleException;

/**
 * Something that cannot be, told in a sentence.
 *
 * @phpstan-all-methods-pure
 */
abstract class Refused extends \DomainException implements KaddleException
{
    private readonly Sentence $sentence;

    final protected function __construct(
        Sentence|string $told,
        /** Of a document, that is to blame; '' where it does not say. */
        public readonly string $field = '',
    ) {
        $this->sentence = is_string($told) ? Sentence::words($told) : $told;
        parent::__construct($this->sentence->plain());
    }

    public function sentence(): Sentence
    {
        return $this->sentence;
    }
}
