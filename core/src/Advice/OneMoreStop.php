<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\Solution;

/**
 * The cheapest way to win one more stop of each light.
 *
 * What it costs is judged, not measured: noise, depth, shake, batteries, flat light, a walk.
 *
 * @phpstan-all-methods-pure
 */
final readonly class OneMoreStop
{
    private const STOP = 30;

    private function __construct(
        private Solution $solution,
    ) {}

    public static function of(Solution $solution): self
    {
        return new self($solution);
    }

    public function sentence(): string
    {
        $both = $this->ofBoth();

        return sprintf(
            'One more stop of room light comes cheapest from %s; of flash, from %s.',
            self::cheapest([...$this->slower(), ...$both]) ?? 'a stand or a faster lens, for hands, lens and ISO are at their ends',
            self::cheapest([...$this->moreOutput(), ...$this->anotherWay(), ...$both, ...$this->nearer()]) ?? 'a second unit',
        );
    }

    /** @param list<array{float, string}> $ways cost and words */
    private static function cheapest(array $ways): ?string
    {
        $best = null;
        foreach ($ways as $way) {
            $best = $best === null || $way[0] < $best[0] ? $way : $best;
        }

        return $best[1] ?? null;
    }

    /** @return list<array{float, string}> what brings a stop of room and of flash */
    private function ofBoth(): array
    {
        $settings = $this->solution->best->choice->settings;
        $body = $this->solution->moment->body;
        $lens = $this->solution->moment->lens;
        $ways = [];
        $sv = $settings->iso->sv->thirtieths + self::STOP;
        if ($sv <= $body->usableIso->sv->thirtieths) {
            $ways[] = [1.0, sprintf('ISO %s, still within what you deliver', Iso::of(ExactStops::fromThirtieths($sv))->label())];
        }
        $av = $settings->aperture->av->thirtieths - self::STOP;
        if ($av >= $lens->widest->av->thirtieths) {
            $wider = Aperture::of(ExactStops::fromThirtieths($av));
            $sharp = DepthOfField::of($this->solution->moment->optics, $wider, $this->solution->moment->scene->distance);
            $holds = $sharp->far >= $this->solution->moment->scene->distance + $this->solution->moment->people->depth;
            $ways[] = [$holds ? 1.5 : 4.0, sprintf('%s, sharp from %s to %s m', $wider->label(), Number::plain($sharp->near, 1), is_finite($sharp->far) ? Number::plain($sharp->far, 1) : 'endless')];
        }

        return $ways;
    }

    /** @return list<array{float, string}> */
    private function slower(): array
    {
        $moment = $this->solution->moment;
        $tv = $this->solution->best->choice->settings->shutter->tv->thirtieths - self::STOP;
        $held = $moment->body->steadinessAt($moment->lens->focalLength)->timeValue();
        foreach (Shutter::scale($moment->body->step) as $shutter) {
            if ($shutter->tv->thirtieths === $tv && $shutter->tv->value() >= $held) {
                return [[0.8, "{$shutter->label()}, which hands still hold"]];
            }
        }

        return [];
    }

    /** @return list<array{float, string}> */
    private function moreOutput(): array
    {
        $more = $this->solution->best->output->stops->thirtieths + self::STOP;
        if ($more > 0) {
            return [];
        }
        $easy = $more / self::STOP <= ExposureChooser::EASY_OUTPUT;

        return [[$easy ? 0.5 : 1.8, sprintf('the unit at %s, %s', Output::of(ExactStops::fromThirtieths($more))->label(), $easy ? 'still quick to recycle' : 'with twice the wait')]];
    }

    /** @return list<array{float, string}> */
    private function anotherWay(): array
    {
        $best = $this->solution->best;
        $ways = [];
        foreach ($this->solution->candidates as $other) {
            if ($best->wantedOutput - $other->wantedOutput >= 1.0) {
                $ways[] = [0.6 + max(0.0, $other->trouble() - $best->trouble()), "the head {$other->light->aim->inSentence()}"];
            }
        }

        return $ways;
    }

    /** @return list<array{float, string}> direct light only: H ∝ 1/d² */
    private function nearer(): array
    {
        return $this->solution->best->light->directShare() < 0.9 ? [] : [[2.5, sprintf('standing %s m away', Number::plain($this->solution->moment->scene->distance / M_SQRT2, 1))]];
    }
}
