<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Drag\AskedLook;
use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Drag\AskPart;
use Kaddle\Core\Drag\AskTrial;
use Kaddle\Core\Drag\ReadyLook;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Solution;

/** Looks that were asked for, in sentences. */
final class AskWords
{
    private function __construct() {}

    public static function of(AskedLook $look, Solution $solution, Voice $voice): string
    {
        if ($look->isRuledOut()) {
            return 'Not to be had here.';
        }
        $settings = $look->settings;
        $moment = $solution->moment;
        $flash = $look->ask->kind->isWithoutFlash() ? 'flash off' : "flash {$look->output->label()}, {$look->curtain->inWords()}";
        $told = sprintf(
            '%s, %s, ISO %s, %s, %s, focused at %s.',
            $settings->shutter->inWords(),
            $settings->aperture->label(),
            $settings->iso->label(),
            $flash,
            $look->ask->tripod ? 'on a tripod' : 'from the hand',
            $voice->length(Length::ofMetres($moment->scene->distance), 1),
        );

        return ($look->isMet() ? $told : "Not to be had here; nearest is $told") . match ($look->ask->kind) {
            AskKind::LampTrails => sprintf(' Sweep the camera by %s° while it is open.', Number::plain($look->angle, 0)),
            AskKind::TrailBehind => ' Follow nobody: hold still while they go by.',
            AskKind::CrowdAway => ' The couple holds its breath.',
            AskKind::Silhouette => ' Put what shines wholly behind them.',
            AskKind::GlowBehind => sprintf(' The unit stands %s behind them, bare, at their necks.', $voice->length(Length::ofMetres(AskTrial::RIM_DISTANCE), 1)),
        };
    }

    /** @param float $stops by which it is missed, AskTrial::NEVER where no amount would do */
    public static function miss(AskPart $part, float $stops): string
    {
        $by = Stops::of($stops)->amount();

        return match ($part) {
            AskPart::RoomLevel => "The room misses its level by $by.",
            AskPart::Output => $stops < AskTrial::NEVER ? "The flash misses its level by $by." : 'There is no flash here, and the look lives by it.',
            AskPart::Rim => "The unit behind them misses its level by $by.",
            AskPart::TrailLength => $stops < AskTrial::NEVER ? "The trail misses its length by $by of time." : 'Nobody goes across the picture, so there is no trail.',
            AskPart::TrailSeen => "The trail misses the level at which it shows by $by.",
            AskPart::SecondCurtain => 'There is no second curtain here: the trail would run ahead of them.',
            AskPart::FaceClean => "The room lights the face $by too much for it to stay clean.",
            AskPart::Lamps => 'No lamp is told that could draw: put one in under “lamps behind”.',
            AskPart::LampsSeen => "The lamps are $by too dark for a drawing.",
            AskPart::HandsTurn => "Hands cannot turn so fast: the time is $by too short for the sweep.",
            AskPart::HandsHold => "The time is $by longer than hands hold: a tripod.",
            AskPart::CrowdGone => "The time is $by too short for the crowd to wash away.",
            AskPart::CoupleSharp => "The couple moves $by too much in that time.",
            AskPart::Ground => "What is behind them misses its level by $by.",
            AskPart::PersonDark => "The person is $by too bright against what is behind: light it more, or them less.",
        };
    }

    public static function ready(ReadyLook $look): string
    {
        return match ($look) {
            ReadyLook::StillInCrowd => 'Tripod, flash off, long enough for each passer-by to cover a place for an eighth of the time; the couple holds still.',
            ReadyLook::Twist => 'Turned about the lens by some 10° in 1/4 s: sharp in the middle, arcs at the rim. First curtain: they stay where you framed them.',
            ReadyLook::SweepAlong => 'The camera follows the dancer in 1/8 s: they stay, the room smears.',
            ReadyLook::Zoom => 'The ring turned by a sixth in half a second, after the pop: rays from the middle. First curtain.',
            ReadyLook::DrawnLights => 'The pop first holds the people, then the camera draws the lamps: a fifth of the frame.',
            ReadyLook::DayForNight => 'The room three stops under, white balance at 3200 K: evening light turns to night.',
            ReadyLook::Silhouette => 'Flash off, exposed for what shines behind them; they are at least three stops under.',
            ReadyLook::Rim => 'One bare unit behind them at the level of their necks, a stop over correct; the room as wished.',
        };
    }
}
