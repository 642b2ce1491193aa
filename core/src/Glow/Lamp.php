<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Range;

/**
 * A group of lamps on one dimmer, as it lights the middle of a room.
 *
 * @see docs/physics.md, “A room”
 */
final readonly class Lamp
{
    /** Power of the light by which the temperature of a filament goes. */
    private const FILAMENT = 0.12;

    /** Share of full under which a filament only glows red. */
    private const LEAST = 0.02;

    /** @param list<array{int, float}> $states minutes of the evening => share of full, in time order */
    private function __construct(
        public string $name,
        /** When full up. */
        public Illuminance $light,
        public Kelvin $colour,
        private array $states,
        /** Whether they glow by heat and grow warmer as they are dimmed. */
        public bool $isFilament,
    ) {}

    /**
     * @param list<array{string, float}> $states clock ("19:30") and level (0 to 1) from then on; always full up without any
     */
    public static function of(string $name, Illuminance $light, Kelvin $colour, array $states, bool $isFilament = false): self
    {
        $inOrder = array_map(
            static fn(array $s): array => [
                Evening::minutes($s[0]),
                self::levelRange()->checked("level of $name", $s[1]),
            ],
            $states,
        );
        usort($inOrder, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        self::luxRange()->checked("light of $name", $light->lux);
        self::kelvinRange()->checked("colour of $name", $colour->kelvin);

        return new self($name, $light, $colour, $inOrder, $isFilament);
    }

    public static function luxRange(): Range
    {
        return Range::between(0.1, 20_000.0, 'lx', 1.0);
    }

    /** Share of full. */
    public static function levelRange(): Range
    {
        return Range::between(0.0, 1.0, '', 0.05);
    }

    public static function kelvinRange(): Range
    {
        return Range::between(1500.0, 12_000.0, 'K', 100.0);
    }

    /**
     * At a time of the evening; the first state also holds before it.
     *
     * @param int $minute of the evening, as Evening::minutes() counts
     */
    public function at(int $minute): Illuminance
    {
        return $this->light->times($this->level($minute));
    }

    /**
     * The same time’s colour; a dimmed filament is cooler.
     *
     * @param int $minute of the evening
     */
    public function colourAt(int $minute): Kelvin
    {
        $level = max(self::LEAST, $this->level($minute));

        return $this->isFilament ? Kelvin::of($this->colour->kelvin * $level ** self::FILAMENT) : $this->colour;
    }

    private function level(int $minute): float
    {
        $level = $this->states[0][1] ?? 1.0;
        foreach ($this->states as [$from, $share]) {
            if ($from > $minute) {
                break;
            }
            $level = $share;
        }

        return $level;
    }
}
