<?php

declare(strict_types=1);

namespace App\Rules;

use Illuminate\Contracts\Validation\ValidationRule;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;

/** One line of text that the core would take too, so that what is stored here can leave as a document and come back. */
final readonly class PlainText implements ValidationRule
{
    public function __construct(
        private string $label,
        private int $most,
    ) {}

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        try {
            Fields::whole(['text' => $value], Shape::of(Field::needed('text', $this->label, TextKind::line($this->most)))->read(...));
        } catch (FaultyDocument $e) {
            $fail($e->getMessage());
        }
    }
}
