<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Kit\KitLight;
use Kaddle\Core\Kit\KitWay;
use Kaddle\Core\Kit\Purchase;
use Kaddle\Core\Kit\PurchaseKind;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Score\ScoredBar;

/**
 * Ways of lighting and what would buy stops, in words.
 *
 * @phpstan-all-methods-pure
 */
final class KitWords
{
    private function __construct() {}

    /** "bounced, Fast 35" */
    public static function way(KitWay $way): string
    {
        return sprintf(
            '%s%s, %s',
            $way->units > 1 ? 'two units ' : '',
            match ($way->light) {
                KitLight::Bounced => 'bounced',
                KitLight::Straight => 'straight',
                KitLight::Room => 'without flash',
            },
            $way->lensName,
        );
    }

    /** "Standard zoom, at the left wall" */
    public static function standing(ScoredBar $bar): string
    {
        $best = $bar->solution->best;

        return "{$bar->bar->inHand->lens->name}, " . ($best->isOff() ? 'without flash' : $best->light->aim->inSentence());
    }

    /** "3 stops of output and 1.3 of ISO left" */
    public static function left(ScoredBar $bar): string
    {
        $iso = Number::plain($bar->isoLeft(), 1);
        $output = $bar->outputLeft();

        return $output === null
            ? Stops::of($bar->isoLeft())->amount() . ' of ISO left'
            : Stops::of($output)->amount() . " of output and $iso of ISO left";
    }

    public static function purchase(Purchase $purchase, Voice $voice): string
    {
        return match ($purchase->kind) {
            PurchaseKind::Iso => 'Usable ISO one stop up',
            PurchaseKind::Lens => 'A lens one stop faster',
            PurchaseKind::Unit => 'A second unit beside the first',
            PurchaseKind::GuideNumber => "A unit of {$voice->guideNumber($purchase->metres)} at this zoom",
            PurchaseKind::Lowest => 'A unit that goes down one stop lower',
            PurchaseKind::Nearer => sprintf('Standing %s closer', $voice->length(Length::ofMetres($purchase->metres))),
            PurchaseKind::Aim => "Pointing the head {$purchase->aim?->inSentence()}",
        };
    }
}
