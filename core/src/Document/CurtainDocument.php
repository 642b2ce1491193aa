<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Words\CurtainWords;

/** One curtain: what happens when, and where the smear comes to lie. */
final readonly class CurtainDocument
{
    private function __construct(
        public Curtain $curtain,
        public string $sentence,
        /** s after the finger; null where no preflash measures. */
        public ?float $preflash,
        /** s after the finger. */
        public float $opens,
        public float $pops,
        public float $closes,
        /** % of the exposure that is over at the pop. */
        public float $share,
        /** Of the person, before the pop. */
        public SmearDocument $before,
        public SmearDocument $after,
        /** How far they have gone since the finger when the pop freezes them. */
        public SmearDocument $late,
    ) {}

    public static function of(Curtain $curtain, DragView $view): self
    {
        $times = $view->curtains->times($curtain);
        $moment = $view->solution->moment;
        $smear = static fn(float $seconds): SmearDocument => SmearDocument::of($view->curtains->speed * $seconds, $moment);

        return new self(
            $curtain,
            CurtainWords::curtain($curtain, $view),
            $times->preflash === null ? null : round($times->preflash, 4),
            round($times->opens, 4),
            round($times->pops, 4),
            round($times->closes, 4),
            round(100.0 * $times->share(), 2),
            $smear($times->before()),
            $smear($times->after()),
            SmearDocument::of($view->curtains->late($curtain), $moment),
        );
    }

    /** @return list<self> both, the first one first */
    public static function both(DragView $view): array
    {
        return [self::of(Curtain::First, $view), self::of(Curtain::Second, $view)];
    }
}
