<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Quantity\Amount;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\LocalTime;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Sentence;

/**
 * The units and the clock in which somebody is told things. Nothing computes with what it says.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Voice
{
    private const INCHES = 12;
    private const METRES_OF_AN_INCH = 0.0254;

    private function __construct(
        public LengthUnit $unit,
        public Clock $clock,
    ) {}

    public static function of(LengthUnit $unit, Clock $clock): self
    {
        return new self($unit, $clock);
    }

    /** Metres and the 24-hour clock, as documents have them. */
    public static function plain(): self
    {
        return new self(LengthUnit::Metres, Clock::Hours24);
    }

    /**
     * "3.5 m", "11 ft 6 in"
     *
     * @param int $decimals of metres; feet are told to the inch
     */
    public function length(Length $length, int $decimals = 1): string
    {
        return $length->isEndless() ? 'endless' : match ($this->unit) {
            LengthUnit::Metres => Number::plain($length->metres, $decimals) . ' m',
            LengthUnit::Feet => self::feet($length),
        };
    }

    /** "2.1 to 4 m", "6 ft 11 in to 13 ft 1 in" */
    public function span(Length $from, Length $to, int $decimals = 1): string
    {
        return $this->unit === LengthUnit::Metres
            ? sprintf('%s to %s m', Number::plain($from->metres, $decimals), Number::plain($to->metres, $decimals))
            : "{$this->length($from)} to {$this->length($to)}";
    }

    /** "guide number 28 m", "guide number 92 ft": at ISO 100. @param float $metres of the guide number */
    public function guideNumber(float $metres): string
    {
        return 'guide number ' . match ($this->unit) {
            LengthUnit::Metres => Number::plain($metres, 0) . ' m',
            LengthUnit::Feet => Number::plain($metres / self::METRES_OF_AN_INCH / self::INCHES, 0) . ' ft',
        };
    }

    /** "guide number 28–58 m", "guide number 92–190 ft". @param float $from metres, as $to */
    public function guideNumbers(float $from, float $to): string
    {
        [$each, $decimals, $symbol] = $this->unit === LengthUnit::Metres
            ? [1.0, 2, 'm']
            : [self::METRES_OF_AN_INCH * self::INCHES, 0, 'ft'];
        $ends = array_unique([Number::plain($from / $each, $decimals), Number::plain($to / $each, $decimals)]);

        return sprintf('guide number %s %s', implode('–', $ends), $symbol);
    }

    /** "2 to 40 m", "6 ft 7 in to 131 ft 3 in" */
    public function range(Range $range): string
    {
        return $this->measures($range->unit)
            ? sprintf('%s to %s', self::feet(Length::ofMetres($range->min)), self::feet(Length::ofMetres($range->max)))
            : $range->inWords();
    }

    public function sentence(Sentence $sentence): string
    {
        return $sentence->inWords(fn(Length|Range|Amount|LocalTime $part): string => match (true) {
            $part instanceof Length => $this->length($part, 2),
            $part instanceof Range => $this->range($part),
            $part instanceof LocalTime => $this->localTime($part),
            default => $this->amount($part),
        });
    }

    /** "19:30", "7:30 pm" @param string $time "19:30" */
    public function time(string $time): string
    {
        if ($this->clock === Clock::Hours24) {
            return $time;
        }
        $hour = (int) substr($time, 0, 2);

        return sprintf('%d:%s %s', ($hour + 11) % 12 + 1, substr($time, 3, 2), $hour < 12 ? 'am' : 'pm');
    }

    private function localTime(LocalTime $time): string
    {
        return $this->clock === Clock::Hours24
            ? $time->plain()
            : ($time->day === '' ? '' : "$time->day, ") . $this->time($time->clock);
    }

    private function amount(Amount $amount): string
    {
        return $this->measures($amount->unit) && is_finite($amount->value)
            ? ($amount->value < 0.0 ? '−' : '') . self::feet(Length::ofMetres(abs($amount->value)))
            : Number::plain($amount->value);
    }

    /** Whether a unit is one of length, and the reader's is another. */
    private function measures(string $unit): bool
    {
        return $unit === 'm' && $this->unit === LengthUnit::Feet;
    }

    private static function feet(Length $length): string
    {
        $inches = (int) round($length->metres / self::METRES_OF_AN_INCH);
        [$feet, $rest] = [intdiv($inches, self::INCHES), $inches % self::INCHES];

        return match (true) {
            $feet === 0 => "$rest in",
            $rest === 0 => "$feet ft",
            default => "$feet ft $rest in",
        };
    }
}
