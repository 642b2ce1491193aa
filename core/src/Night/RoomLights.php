<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Room\RoomKind;

/**
 * What lights a room of a template: windows as such rooms have them, and house lights whose dimmer
 * follows the evening, so that its moments glow as they usually do.
 *
 * @phpstan-all-methods-pure
 */
final readonly class RoomLights
{
    /** K of house lights. */
    private const WARM = 2900;

    /** EV of house lights where nobody says how bright they are. */
    private const USUAL = 4.0;

    private function __construct(
        /** % of the light outdoors that the windows let in; 0 for none. */
        private float $windows,
        /** Full up, lx. */
        private float $lux,
        /** @var list<array{from: string, level: float}> */
        private array $states,
    ) {}

    /** @param list<TemplateMoment> $moments of the whole night */
    public static function of(RoomKind $kind, array $moments): self
    {
        $levels = [];
        foreach ($moments as $moment) {
            if ($moment->room === $kind) {
                $levels[$moment->starts] = ExposureValue::atIso100($moment->glow)->light()->lux;
            }
        }
        $full = $levels === [] ? ExposureValue::atIso100(self::USUAL)->light()->lux : max($levels);
        $states = [];
        foreach ($levels as $from => $lux) {
            $states[] = ['from' => $from, 'level' => round(100.0 * $lux / $full, 1)];
        }

        return new self(self::windowsOf($kind), round($full, 1), $states);
    }

    /** @return array{windows: list<array<string, mixed>>, lamps: list<array<string, mixed>>} as a place keeps them */
    public function columns(): array
    {
        return [
            'windows' => $this->windows > 0.0 ? [['name' => 'Windows', 'share' => $this->windows, 'wall' => 'left']] : [],
            'lamps' => [['name' => 'House lights', 'lux' => $this->lux, 'kelvin' => self::WARM, 'states' => $this->states]],
        ];
    }

    private static function windowsOf(RoomKind $kind): float
    {
        return match ($kind) {
            RoomKind::FunctionRoom, RoomKind::LongHall => 0.5,
            RoomKind::Barn => 0.2,
            RoomKind::Gallery => 1.0,
            RoomKind::Marquee => 5.0,
            RoomKind::BlackClub, RoomKind::OpenAir => 0.0,
        };
    }
}
