<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\ComparesCastableAttributes;
use Illuminate\Database\Eloquent\Model;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Intake\Canonical;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;

/**
 * A part of a moment as the document of its form. Whatever is stored is read by the form first,
 * so nothing that the form refuses gets into the database by way of a model.
 *
 * @implements CastsAttributes<Record, Record|array<string, mixed>>
 */
final class FormCast implements CastsAttributes, ComparesCastableAttributes
{
    /** @var \WeakMap<Record, array{string, string}>|null form and text that a record was made from, so that one that nobody has replaced is not read again */
    private static ?\WeakMap $raw = null;

    /** @param 'settings'|'plan' $form */
    public function __construct(
        private readonly string $form,
    ) {}

    public function get(Model $model, string $key, mixed $value, array $attributes): Record
    {
        $record = $this->shape()->stored(self::decoded($value));
        if (is_string($value)) {
            self::$raw ??= new \WeakMap();
            self::$raw[$record] = [$this->form, $value];
        }

        return $record;
    }

    /** @throws \Kaddle\Core\Intake\FaultyDocument */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        [$form, $text] = $value instanceof Record ? self::$raw[$value] ?? ['', ''] : ['', ''];
        if ($form === $this->form) {
            return $text;
        }
        $read = $this->shape()->whole($value instanceof Record ? $value->toArray() : (is_array($value) ? $value : []));
        $kept = $this->form === 'settings' ? MomentForm::kept($read) : $read->toArray();

        return json_encode((object) $kept, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    public function compare(Model $model, string $key, mixed $firstValue, mixed $secondValue): bool
    {
        return Canonical::alike(self::decoded($firstValue), self::decoded($secondValue));
    }

    private function shape(): Shape
    {
        return $this->form === 'settings' ? MomentForm::settings() : MomentForm::planned();
    }

    /** @return array<array-key, mixed> */
    private static function decoded(mixed $json): array
    {
        $fields = json_decode(is_string($json) ? $json : '{}', true, 16, JSON_THROW_ON_ERROR);

        return is_array($fields) ? $fields : [];
    }
}
