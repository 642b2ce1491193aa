<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\Eyes;
use Kaddle\Core\Solve\NoWay;

/**
 * What speaks for and against a way to point the head, in words.
 *
 * @phpstan-all-methods-pure
 */
final class AimWords
{
    /** Stops between the cheeks from which a face has a bright and a dark side. */
    private const SHAPED = 0.3;

    /** The same, from which the dark side gets next to nothing. */
    private const ALONE = 4.0;

    private function __construct() {}

    public static function of(Candidate $candidate): string
    {
        if ($candidate->isOff()) {
            return 'The room lights the face alone.';
        }
        // Of light that does not come there is nothing to say.
        $ofLight = is_infinite($candidate->wantedOutput) ? [] : [
            self::eyes($candidate),
            self::shape($candidate),
            self::stray($candidate),
            self::spill($candidate),
            self::cast($candidate),
        ];
        $parts = array_filter([self::noWay($candidate), self::reach($candidate), ...$ofLight], static fn(string $part): bool => $part !== '');

        return ucfirst(implode('; ', $parts)) . '.';
    }

    private static function noWay(Candidate $candidate): string
    {
        $struck = $candidate->light->struck?->inWords() ?? '';

        return match ($candidate->noWay()) {
            NoWay::Open => "the $struck is open, nothing there sends light back",
            NoWay::Black => "the $struck is nearly black and sends next to nothing back",
            NoWay::Floor => sprintf('%d %% comes by the floor, from below', round(100.0 * $candidate->light->shareBy(Face::Floor))),
            null => $candidate->isGamble() ? 'a gamble: a few degrees of the head are stops on the face' : '',
        };
    }

    private static function reach(Candidate $candidate): string
    {
        return match (true) {
            is_infinite($candidate->wantedOutput) => 'no light gets to the face',
            $candidate->tooWeak() > 0.0 => 'lacks ' . Stops::of($candidate->tooWeak())->amount(),
            $candidate->tooStrong() > 0.0 => 'too strong by ' . Stops::of($candidate->tooStrong())->amount() . ' at the lowest output',
            $candidate->wantedOutput > ExposureChooser::EASY_OUTPUT => 'recycles slowly',
            default => '',
        };
    }

    private static function eyes(Candidate $candidate): string
    {
        return match ($candidate->light->eyes()) {
            Eyes::Dark => 'dark eye sockets',
            Eyes::Shaded => 'some shadow in the eye sockets',
            Eyes::Open => 'open eyes',
        };
    }

    private static function shape(Candidate $candidate): string
    {
        $ratio = $candidate->light->leftOverRight();

        return match (true) {
            $candidate->light->directShare() > 0.5 => 'hard and flat',
            abs($ratio->value) < self::SHAPED => 'even from left and right',
            abs($ratio->value) > self::ALONE => sprintf('lit from the %s alone', self::brightSide($ratio)),
            default => sprintf('shaped from the %s by %s', self::brightSide($ratio), $ratio->amount()),
        };
    }

    /** @param Stops $ratio left over right */
    private static function brightSide(Stops $ratio): string
    {
        return $ratio->value > 0.0 ? 'left' : 'right';
    }

    private static function stray(Candidate $candidate): string
    {
        $share = $candidate->light->directShare();

        return $candidate->light->isBounced() && $share > 0.05
            ? sprintf('%d %% comes straight from the %s', round(100.0 * $share), self::straightFrom($candidate))
            : '';
    }

    private static function straightFrom(Candidate $candidate): string
    {
        $modifier = $candidate->light->aim === HeadAim::Card ? ModifierKind::Card : $candidate->modifier;

        return $modifier === null || $modifier === ModifierKind::Grid ? 'rim of the beam' : $modifier->inWords();
    }

    private static function spill(Candidate $candidate): string
    {
        $spill = $candidate->spillOverGlow()->value;

        return match (true) {
            $spill > 0.0 => 'drowns the glow of the backdrop',
            $spill > -2.5 => 'lifts the backdrop',
            default => '',
        };
    }

    private static function cast(Candidate $candidate): string
    {
        $words = $candidate->light->cast->inWords();

        return $words === 'about neutral' ? '' : $words;
    }
}
