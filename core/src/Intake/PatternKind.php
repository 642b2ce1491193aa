<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

use Kaddle\Core\Quantity\LocalTime;
use Kaddle\Core\Quantity\Sentence;

/** Text of a fixed form: a time of day, a date, both, an identity. */
final readonly class PatternKind implements Kind
{
    private function __construct(
        private string $pattern,
        private string $control,
        private Sentence $sentence,
    ) {}

    /** "19:30" */
    public static function clock(): self
    {
        return new self(
            '^([01][0-9]|2[0-3]):[0-5][0-9]$',
            'time',
            Sentence::of('must be a time of day, like %s.', LocalTime::daily('19:30')),
        );
    }

    /** "2027-09-18" */
    public static function date(): self
    {
        return new self(
            '^(19|20)[0-9]{2}-[01][0-9]-[0-3][0-9]$',
            'date',
            Sentence::words('must be a day of the years 1900 to 2099, like 2027-09-18.'),
        );
    }

    /** "2027-09-18T19:30", by the clocks of the place. */
    public static function localTime(): self
    {
        return new self(
            '^(19|20)[0-9]{2}-[01][0-9]-[0-3][0-9]T([01][0-9]|2[0-3]):[0-5][0-9]$',
            'datetime-local',
            Sentence::of('must be a day and a time, like %s.', LocalTime::on('2027-09-18', '19:30')),
        );
    }

    /** "2027-09-18T17:20:00Z", with its offset (ISO 8601). */
    public static function instant(): self
    {
        return new self(
            '^[0-9]{4}-[0-9]{2}-[0-9]{2}[T ]([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9](\\.[0-9]{1,6})?)?(Z|[+-][0-9]{2}:?[0-9]{2})$',
            'text',
            Sentence::words('must be in ISO 8601 with its offset, like 2027-09-18T17:20:00Z.'),
        );
    }

    /** A UUID: what keeps a record itself when it is taken elsewhere and back. */
    public static function identity(): self
    {
        return new self(
            '^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$',
            'hidden',
            Sentence::words('must be a UUID in small letters.'),
        );
    }

    public function read(Fields $fields, Field $field): ?string
    {
        $value = $fields->raw($field->name);
        if (is_string($value) && preg_match("/$this->pattern/D", $value) === 1 && $this->isOfTheCalendar($value)) {
            return $value;
        }
        $fields->fault($field->name, Sentence::of('The %s %s', $field->label, $this->sentence));

        return null;
    }

    public function stored(mixed $value): mixed
    {
        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => $this->pattern];
    }

    public function form(): array
    {
        return ['kind' => $this->control];
    }

    private function isOfTheCalendar(string $value): bool
    {
        return preg_match(
            '/^(\d{4})-(\d\d)-(\d\d)([T ]|$)/',
            $value,
            $day,
        ) !== 1 || checkdate((int) $day[2], (int) $day[3], (int) $day[1]);
    }
}
