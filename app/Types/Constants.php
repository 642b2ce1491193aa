<?php

declare(strict_types=1);

namespace App\Types;

use App\Planning\DraftForm;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Form\AskForm;
use Kaddle\Core\Form\ChangeForm;
use Kaddle\Core\Form\ViewForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\LampKind;
use Kaddle\Core\Glow\ReadingKind;
use Kaddle\Core\Glow\ReadingOf;
use Kaddle\Core\Meter\Drift;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\RoomKind;
use Kaddle\Core\Wish\BalancePreset;
use Kaddle\Core\Wish\KeptLight;
use Kaddle\Core\Wish\KeptThing;
use Kaddle\Core\Wish\School;

/** Ranges and words that the page offers, from the core. */
final class Constants
{
    private function __construct() {}

    public static function asTypeScript(): string
    {
        return self::constant(
            'fields',
            'Fields of a moment, by path: label, hint; of numbers least, most, sensible step and unit, of texts the most letters.',
            FormTypes::fields(DraftForm::shape()->without('drag')), // its part of the page gets its form with it
        )
            . sprintf(
                "/** Minutes after midnight at which one day of events ends and the next begins. */\nexport const turnOfTheDay = %d;\n\n",
                Evening::TURN,
            )
            . self::constant('usual', 'Figures with which the page begins or judges: EV of a light to keep, m from eaves to ridge, degrees of tilt up to which a head is turned, stops from which a drift wants mending.', [
                'keptEv' => KeptLight::USUAL_EV, 'rise' => PitchedRoof::USUAL_RISE, 'steepestTurned' => Angles::STEEPEST_TURNED, 'drift' => Drift::PLAIN,
            ])
            . self::constant('finishes', 'Finishes in words, and where their reflectances come from.', self::finishes())
            . self::constant(
                'roomKinds',
                'Kinds of rooms to start from, with usual sizes (m) and finishes.',
                self::roomKinds(),
            )
            . self::constant('asks', 'Looks that can be asked for, in words.', self::words(AskKind::cases()))
            . self::constant('askFields', 'How much of them, as `fields`.', FormTypes::fields(AskForm::shape()))
            . self::constant('viewFields', 'How the camera is held for a picture, as `fields`.', FormTypes::fields(ViewForm::shape()))
            . self::constant('changeFields', 'Fields of what turns out otherwise in a night, as `fields`.', FormTypes::fields(ChangeForm::shape()))
            . self::constant('aims', 'Ways to point the head, in words.', self::words(HeadAim::cases()))
            . self::constant('schools', 'Schools, and what each holds still.', self::schools())
            . self::constant('lampKinds', 'What lights rooms, in words.', self::words(LampKind::cases()))
            . self::constant('balances', 'White balances that bodies have ready, in words and K.', self::balances())
            . self::constant('keptThings', 'Lights that can be kept, in words.', self::words(KeptThing::cases()))
            . self::constant(
                'templates',
                'Patterns of nights to start from, in words.',
                self::words(NightTemplate::cases()),
            )
            . self::constant('pieceKinds', 'Kinds of gear: one of it and several, in words.', self::pieceKinds())
            . self::constant('readingsOf', 'What light readings are taken of, in words.', self::words(ReadingOf::cases()))
            . self::constant('readingKinds', 'Ways to measure light, in words.', self::words(ReadingKind::cases()))
            . self::constant(
                'ridges',
                'How the ridge of a pitched roof runs, in words.',
                self::words(RidgeWay::cases()),
            );
    }

    /** @return array<string, array{label: string, detail: string}> */
    private static function schools(): array
    {
        $schools = [];
        foreach (School::cases() as $school) {
            $schools[$school->value] = ['label' => $school->inWords(), 'detail' => $school->inASentence()];
        }

        return $schools;
    }

    /** @return array<string, array<string, string>> */
    private static function finishes(): array
    {
        $finishes = [];
        foreach (Finish::cases() as $finish) {
            $finishes[$finish->value] = [
                'label' => $finish->inWords(),
                'source' => sprintf(
                    'Reckoned with %d %%. %s',
                    round(100.0 * $finish->reflectance()->share->luminance()),
                    $finish->source(),
                ),
            ];
        }

        return $finishes;
    }

    /** @return array<string, array<string, mixed>> */
    private static function roomKinds(): array
    {
        $kinds = [];
        foreach (RoomKind::cases() as $kind) {
            [$length, $width, $height] = $kind->metres();
            $finishes = [];
            foreach (Face::cases() as $face) {
                $finishes[$face->value] = $kind->finish($face)->value;
            }
            $kinds[$kind->value] = [
                'label' => $kind->inWords(),
                'room' => [
                    'length' => $length,
                    'width' => $width,
                    'height' => $height,
                    'roof' => self::roof($kind->roof()),
                    'finishes' => $finishes,
                ],
            ];
        }

        return $kinds;
    }

    /** @return array<string, array{one: string, many: string}> */
    private static function pieceKinds(): array
    {
        $kinds = [];
        foreach (PieceKind::cases() as $kind) {
            $kinds[$kind->value] = ['one' => $kind->inWords(), 'many' => ucfirst($kind->inPlural())];
        }

        return $kinds;
    }

    /** @return array<string, array{label: string, kelvin: float}> */
    private static function balances(): array
    {
        $balances = [];
        foreach (BalancePreset::cases() as $preset) {
            $balances[$preset->value] = ['label' => $preset->inWords(), 'kelvin' => $preset->kelvin()->kelvin];
        }

        return $balances;
    }

    /**
     * @param list<AskKind|HeadAim|KeptThing|LampKind|NightTemplate|ReadingKind|ReadingOf|RidgeWay> $cases
     *
     * @return array<string, string>
     */
    private static function words(array $cases): array
    {
        $words = [];
        foreach ($cases as $case) {
            $words[$case->value] = $case->inWords();
        }

        return $words;
    }

    /** @return array{ridge: float, runs: string}|null */
    private static function roof(?PitchedRoof $roof): ?array
    {
        return $roof === null ? null : ['ridge' => $roof->ridge, 'runs' => $roof->way->value];
    }

    /** @param array<string, mixed> $value */
    private static function constant(string $name, string $comment, array $value): string
    {
        $json = json_encode(
            $value,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );

        return "/** $comment */\nexport const $name = $json as const;\n\n";
    }
}
