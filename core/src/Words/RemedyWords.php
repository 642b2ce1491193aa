<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Advice\RemedyKind;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Number;

/**
 * What would help, in a sentence.
 *
 * @phpstan-all-methods-pure
 */
final class RemedyWords
{
    private function __construct() {}

    public static function of(Remedy $remedy, Voice $voice): string
    {
        $stops = $remedy->stops?->amount() ?? '';
        $figure = Number::plain($remedy->figure);

        return match ($remedy->kind) {
            RemedyKind::LetRoomFall => "Let the room fall to {$remedy->stops?->signed()} stops and let the flash carry the picture.",
            RemedyKind::DarkerFrame => "Let all of it read {$remedy->stops?->signed()} stops, faces too, and lift that afterwards: it brings the noise of as much more ISO.",
            RemedyKind::Stand => "Rest the camera, on a stand where that is allowed: the shutter may then be $stops slower, as long as people keep still.",
            RemedyKind::FasterLens => 'A lens that opens one stop wider buys one stop of all light.',
            RemedyKind::HigherIso => "Files at about ISO $figure would close the gap alone.",
            RemedyKind::Filter => "A neutral density filter of $stops before the lens takes the room down, and any flash with it.",
            RemedyKind::BrighterRoom => 'Let the room read brighter, or wait for dusk: then the flash is only fill.',
            RemedyKind::SlowerShutter => "A shutter $stops slower, with as much less ISO or a smaller opening, leaves the room as it is and takes the flash down: "
                . 'rest the camera, or choose low ISO and long time.',
            RemedyKind::DarkerAim => 'Point the head at something darker or farther away.',
            RemedyKind::Cover => "A {$remedy->modifier?->inWords()} on the head takes $stops from it, and spreads the light.",
            RemedyKind::Gels => "Gels from the bag take $stops, if the white balance follows them.",
            RemedyKind::StepBack => sprintf(
                'Standing %s away instead, with a longer lens, %s.',
                $remedy->distance === null ? '' : $voice->length($remedy->distance),
                $remedy->stops === null ? 'is far enough' : "takes $stops from it",
            ),
            RemedyKind::LetRoomFallForFlash => "Let the room fall to {$remedy->stops?->signed()} stops: lower ISO or a smaller opening takes the flash down with it.",
            RemedyKind::LessLight => "A faster shutter, a smaller opening or a lower ISO, $stops in all, brings the face down.",
            RemedyKind::LetRoomFallForMovers => "Let the room fall to {$remedy->stops?->signed()} stops: a shutter that much faster holds the people.",
            RemedyKind::FasterLensOrIso => 'A lens that opens one stop wider, or one more usable stop of ISO, buys one stop of all light.',
            RemedyKind::StrongerUnit => "A unit of {$voice->guideNumber($remedy->figure)} at this zoom would reach, or $stops worth of units side by side.",
            RemedyKind::OtherAim => self::pointing($remedy),
            RemedyKind::Closer => sprintf(
                'Standing %s away instead %s.',
                $remedy->distance === null ? '' : $voice->length($remedy->distance),
                $remedy->stops === null ? 'would be enough' : "gives $stops",
            ),
            RemedyKind::StandOrStabiliser => 'Rest the camera, on a stand where that is allowed, or use a stabilised lens.',
            RemedyKind::ShorterLens => "At $figure mm hands can hold sync speed.",
        };
    }

    private static function pointing(Remedy $remedy): string
    {
        $aim = $remedy->aim ?? HeadAim::Direct;

        return is_finite($remedy->worth->value)
            ? sprintf(
                'Pointing the head %s gains %s%s.',
                $aim->inSentence(),
                $remedy->worth->amount(),
                $aim->isBounced() ? '' : ', at the price of hard, flat light',
            )
            : sprintf('Pointing the head %s does bring light to the face.', $aim->inSentence());
    }
}
