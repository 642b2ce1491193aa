<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Drag\CurtainReason;
use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Exposure\SecondCurtainLack;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\PopTimes;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\Quantity\Number;

/** First curtain against second, in sentences. */
final class CurtainWords
{
    private function __construct() {}

    public static function curtain(Curtain $curtain, DragView $view): string
    {
        $times = $view->curtains->times($curtain);
        $moment = $view->solution->moment;
        $smear = static fn(float $seconds): string => DragWords::smear($view->curtains->speed * $seconds, $moment);
        $pose = Number::plain($times->pops, 2);
        if ($view->ghost->smear <= SubjectBlur::SHARP) {
            return "The pose $pose s after the finger; nobody smears.";
        }
        $late = DragWords::smear($view->curtains->late($curtain), $moment);

        return $curtain === Curtain::First
            ? "The pose $pose s after the finger; {$smear($times->after())} of smear run ahead of them."
            : "The pose $pose s after the finger, $late farther on; {$smear($times->before())} of smear follow them.";
    }

    public static function advice(DragView $view): string
    {
        $choice = $view->curtains;
        $moment = $view->solution->moment;
        $second = Number::plain($choice->second->pops, 1);
        $told = match ($choice->reason) {
            CurtainReason::NoFlash => 'Without flash there is no curtain to choose.',
            CurtainReason::Pulses => 'A flash that pulses lights all of the exposure: no curtain to choose, and nothing freezes.',
            CurtainReason::NoDifference => self::noDifference($view),
            CurtainReason::NoSide => 'The curtain makes no difference here: so little smears that nobody sees on which side. The first has the pose nearer to your finger.',
            CurtainReason::TrailFollows => "Second curtain: the smear follows them instead of running ahead. The pose is the one $second s after your finger: press early.",
            CurtainReason::Framed => 'First curtain: the pop holds them where you framed them, then the camera draws.',
            CurtainReason::NotThere => sprintf(
                'The second curtain would put the smear behind them; %s. With the first it runs ahead of them.',
                $choice->lack === null || $choice->lack === SecondCurtainLack::Everything
                    ? 'this body or this unit has none'
                    : "there is none with {$choice->lack->inWords()}",
            ),
        };
        $wish = $moment->drag->curtain;
        $other = $wish !== null && $wish !== $choice->advised && $choice->chosen === $wish ? " You chose the {$wish->inWords()}." : '';
        $hold = $choice->chosen === Curtain::Second && $choice->second->preflash !== null && $choice->second->pops - PopTimes::LAG > 0.25
            ? ' The measuring flash comes first: have them hold still until the second one.'
            : '';

        return $told . $other . $hold;
    }

    private static function noDifference(DragView $view): string
    {
        $under = $view->curtains->sameUnder();
        $time = is_finite($under)
            ? ($under < 0.3 ? '1/' . Number::plain(1.0 / $under, 0) : Number::plain($under, 1)) . ' s'
            : '';

        return $time === '' || $view->exposing->time->seconds > $under
            ? 'The curtain makes no difference here: what smears does not show. The first has the pose nearer to your finger.'
            : "The curtain makes no difference under $time at this movement. The first has the pose nearer to your finger.";
    }
}
