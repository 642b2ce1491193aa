<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Drag\Cure;
use Kaddle\Core\Drag\CureKind;
use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ZoneFocus;
use Kaddle\Core\Motion\Beats;
use Kaddle\Core\Motion\GhostVerdict;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\Power\EnergyPlan;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;

/** What a long exposure does, in sentences. */
final class DragWords
{
    private function __construct() {}

    /** "1/4 s, f/8, ISO 200, 1/8" */
    public static function settings(DragView $view): string
    {
        $settings = $view->exposing->time->settings;
        $best = $view->solution->best;

        return sprintf(
            '%s, %s, ISO %s, %s',
            $view->exposing->time->label(),
            $settings->aperture->label(),
            $settings->iso->label(),
            $best->isOff() ? 'flash off' : "flash {$best->output->label()}",
        );
    }

    public static function ghost(DragView $view): string
    {
        $ghost = $view->ghost;
        $smear = self::smear($ghost->smear, $view->solution->moment);
        if ($ghost->smear <= SubjectBlur::SHARP) {
            return "Nobody moves far enough to smear: $smear in {$view->exposing->time->label()}.";
        }
        $share = Number::plain(100.0 * $ghost->roomShare, 0);
        $lead = $view->subject->flash > 0.0
            ? "$share % of the light on them is the room’s: by it they smear $smear in {$view->exposing->time->label()}."
            : "The room alone lights them: they smear $smear in {$view->exposing->time->label()}, and nothing freezes them.";

        return "$lead " . match ($ghost->verdict) {
            GhostVerdict::Clean => "It does not show: {$ghost->under->amount()} under the figure.",
            GhostVerdict::SoftEdge => "It softens their edge, {$ghost->under->amount()} under the figure.",
            GhostVerdict::Ghost => $view->subject->flash > 0.0
                ? "A plain ghost, {$ghost->under->amount()} under the figure."
                : "A plain blur, {$ghost->against->signed()} against what is behind.",
            GhostVerdict::Eaten => sprintf(
                'What is behind them is brighter than they are by the room’s light and burns into their edge: no ghost, but %s %% of it in the middle of the figure.',
                Number::plain(100.0 * $ghost->seenThrough, 0),
            ),
        };
    }

    public static function cure(Cure $cure): string
    {
        $clicks = $cure->clicks === 1 ? '1 click' : "$cure->clicks clicks";
        $output = $cure->moreOutput->value > 0.05 ? ", output {$cure->moreOutput->amount()} up for it" : '';

        return match ($cure->kind) {
            CureKind::Output => "Aperture $clicks smaller$output.",
            CureKind::LessRoom => "ISO $clicks down$output: the room falls by {$cure->by->amount()}.",
            CureKind::Shorter => "Shutter $clicks faster$output: the room falls by {$cure->by->amount()}.",
            CureKind::DarkerPlace => "A place where the room lights them {$cure->by->amount()} less.",
            CureKind::DarkerGround => "Something {$cure->by->amount()} darker behind them.",
        };
    }

    public static function pop(DragView $view): string
    {
        $best = $view->solution->best;
        $moment = $view->solution->moment;
        $seconds = $view->popSeconds();
        $smear = static fn(float $speed): float => SubjectBlur::atMetres($moment->optics, $moment->scene->distance, $speed)->shareFor($seconds);
        $hands = $smear($moment->people->movement->handSpeed());
        $bodies = $smear($moment->people->going->speed);
        if ($best->isOff()) {
            return 'There is no pop to freeze anybody.';
        }
        if ($best->choice->settings->aids->pulsesAt($best->choice->settings->shutter)) {
            return sprintf('The flash pulses for as long as the shutter is open: it smears them as the room does, %s.', self::smear($bodies, $moment));
        }

        return sprintf(
            'The pop lasts %s (to a tenth of its peak): bodies %s, hands and skirts %s. %s',
            self::fraction($seconds),
            self::smear($bodies, $moment),
            self::smear($hands, $moment),
            match (true) {
                $hands <= SubjectBlur::SHARP => 'All of it looks sharp.',
                $bodies <= SubjectBlur::SHARP => 'Bodies look sharp, hands and skirts do not: less output is a shorter pop.',
                default => 'Nobody looks sharp by it: less output is a shorter pop.',
            },
        );
    }

    public static function shake(DragView $view): string
    {
        $moment = $view->solution->moment;
        if ($moment->drag->tripod) {
            return 'On a tripod nothing shakes; on a floor that people dance on, it does.';
        }
        $share = $view->shake();

        return sprintf(
            'Hands smear everything that the room lights by %s%s. %s',
            self::isUnderAPixel($share, $moment) ? 'less than a pixel' : sprintf('about %s, half or twice that', self::smear($share, $moment)),
            $moment->body->stabiliser > 0.0 ? sprintf(', stabiliser of %s stops counted', Number::plain($moment->body->stabiliser, 1)) : '',
            $share <= SubjectBlur::SHARP ? 'It looks sharp.' : 'It shows where only the room lights: behind them.',
        );
    }

    public static function zone(ZoneFocus $zone, ?float $set, ?Aperture $aperture, DragView $view, Voice $voice): string
    {
        $depth = $zone->depth();
        $told = sprintf(
            'Focused at %s%s at %s, sharp from %s%s; from %s on, all the way.',
            $voice->length(Length::ofMetres($zone->focus), 2),
            self::ring($zone),
            $view->exposing->time->settings->aperture->label(),
            is_finite($depth->far)
                ? $voice->span(Length::ofMetres($depth->near), Length::ofMetres($depth->far), 2)
                : $voice->length(Length::ofMetres($depth->near), 2),
            is_finite($depth->far) ? '' : ' without end',
            $voice->length(Length::ofMetres($zone->hyperfocal()), 1),
        );
        $drag = $view->solution->moment->drag;
        if ($set === null || $drag->zoneFrom === null || $drag->zoneTo === null) {
            return $told;
        }
        $span = $voice->span(Length::ofMetres($drag->zoneFrom), Length::ofMetres($drag->zoneTo), 2);

        return $told . ' ' . ($aperture === null
            ? "$span are sharp at no aperture of this lens; a shorter focal length, or a shorter zone."
            : "For $span set {$voice->length(Length::ofMetres($set), 2)} and {$aperture->label()} or smaller.");
    }

    /** Where the ring of a lens stands that is moved as a whole. */
    private static function ring(ZoneFocus $zone): string
    {
        return sprintf(' (the ring %s %% of its way from endless to its near end)', Number::plain(100.0 * $zone->turn(), 0));
    }

    /** @param float $share of full power of a pop, above 0 */
    public static function beats(Beats $beats, float $share): string
    {
        $ready = $beats->every === 1
            ? 'The unit is ready on every beat.'
            : sprintf('The unit is ready on every %s beat; the others stay dark. Less output, or a quicker battery, wins them back.', self::ordinal($beats->every));
        $minutes = EnergyPlan::hotAfter($share) * $beats->period * $beats->every / 60.0;

        return $minutes < EnergyPlan::WARM
            ? sprintf('%s After %s min of that the head is hot: rest it, or give it a stop of ISO.', $ready, Number::plain($minutes, 0))
            : $ready;
    }

    /** @param float $covers share of the exposure, 0 to 1 */
    public static function crowd(float $covers, DragView $view): string
    {
        $under = Stops::ofRatio($covers);
        $gone = $under->value <= -3.0 ? 'washed away' : ($under->value <= -1.0 ? 'streaks' : 'still people');
        $pop = $view->solution->best->isOff() ? '' : ' The pop freezes whoever it reaches: switch it off, or keep it on the couple.';

        return sprintf(
            'Each who passes covers a place for %s %% of the time: %s.%s',
            Number::plain(100.0 * $covers, 0),
            $gone,
            $pop,
        );
    }

    public static function doubt(DragView $view): string
    {
        return sprintf(
            'Ghost ±%s stop as the glow is sure; trails ±1 stop, as lamps are read by a spot meter; smear as far as people keep their speed.',
            Number::plain(0.3, 1),
        );
    }

    /** "1.2 mm (3.4 % of the frame, 204 px)", "under a pixel" @param float $share frame widths */
    public static function smear(float $share, Moment $moment): string
    {
        return self::isUnderAPixel($share, $moment) ? 'under a pixel' : sprintf(
            '%s mm (%s %% of the frame, %s px)',
            self::short(1000.0 * $share * $moment->optics->frameWidth()),
            self::short(100.0 * $share),
            self::short($share * $moment->body->pixels),
        );
    }

    /** @param float $share frame widths */
    private static function isUnderAPixel(float $share, Moment $moment): bool
    {
        return $share * $moment->body->pixels < 1.0;
    }

    /** "1/2500 s" */
    private static function fraction(float $seconds): string
    {
        $inverse = 1.0 / $seconds;
        $unit = 10.0 ** max(0.0, floor(log10($inverse)) - 1.0);

        return '1/' . number_format(round($inverse / $unit) * $unit, 0, '.', '') . ' s';
    }

    private static function short(float $value): string
    {
        return Number::plain($value, $value >= 10.0 ? 0 : ($value >= 1.0 ? 1 : ($value >= 0.1 ? 2 : 3)));
    }

    private static function ordinal(int $number): string
    {
        return match ($number) {
            2 => 'second',
            3 => 'third',
            4 => 'fourth',
            default => "{$number}th",
        };
    }
}
