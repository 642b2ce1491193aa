<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Situation\Moment;

/**
 * The limits of a moment, as marks on the scales of its controls.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Marks
{
    private const QUARTER = -60;

    private function __construct(
        private Moment $moment,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self($moment);
    }

    /** @return list<Mark> */
    public function shutter(): array
    {
        return [$this->sync(), $this->hold(), $this->blur(), $this->even()];
    }

    /** @return list<Mark> */
    public function aperture(): array
    {
        $lens = $this->moment->lens;
        $best = new Mark(
            MarkKind::Best,
            "The lens draws best from {$lens->bestFrom->label()} to {$lens->bestTo->label()}.",
            $lens->bestFrom->av->thirtieths,
            $lens->bestTo->av->thirtieths,
        );

        return $this->moment->people->depth > 0.0 ? [$this->depth(), $best] : [$best];
    }

    /** @return list<Mark> */
    public function iso(): array
    {
        $usable = $this->moment->body->usableIso;

        return [new Mark(MarkKind::Usable, "You deliver up to ISO {$usable->label()}.", null, $usable->sv->thirtieths)];
    }

    /** @return list<Mark> */
    public function output(): array
    {
        return [new Mark(MarkKind::Easy, 'Up to 1/4 the unit recycles fast and stays cool.', null, self::QUARTER)];
    }

    private function sync(): Mark
    {
        $sync = $this->moment->body->sync;

        return new Mark(MarkKind::Sync, $this->moment->look->aids->pulses()
            ? "Up to {$sync->label()} a single pop; faster, the flash pulses and loses two stops and more."
            : "The whole frame is lit up to {$sync->label()}.", null, $sync->tv->thirtieths);
    }

    private function hold(): Mark
    {
        $body = $this->moment->body;
        $slowest = $this->firstFrom($body->steadinessAt($this->moment->lens->focalLength)->timeValue());
        $stabiliser = $body->stabiliser > 0.0 ? sprintf(', stabiliser %s stops', Number::plain($body->stabiliser, 1)) : '';

        return new Mark(MarkKind::Hold, sprintf('Hands hold %s (k %s%s).', $slowest->label(), Number::plain($body->strictness, 1), $stabiliser), $slowest->tv->thirtieths, null);
    }

    private function blur(): Mark
    {
        $people = $this->moment->people;
        $blur = SubjectBlur::of($this->moment->optics, $this->moment->scene->distance, $people->movement->speed());
        $shutter = $this->firstFrom($blur->sharpFrom());
        if ($shutter->tv->value() < $blur->sharpFrom() - 1e-9) {
            return new Mark(MarkKind::Blur, "By room light alone no shutter holds people who {$people->movement->inWords()} here; the pop does.", 1 + $shutter->tv->thirtieths, null);
        }
        $share = Number::plain(100.0 * $blur->shareAt($shutter), 2);

        return new Mark(
            MarkKind::Blur,
            "By room light alone people who {$people->movement->inWords()} are sharp from {$shutter->label()} ($share % of the frame); the pop holds them at any.",
            $shutter->tv->thirtieths,
            null,
        );
    }

    private function even(): Mark
    {
        $mains = $this->moment->mains;
        $even = array_values(array_filter(
            Shutter::scale($this->moment->body->step),
            static fn(Shutter $s): bool => $mains->isEven($s) && $s->tv->thirtieths >= 0,
        ));
        $labels = array_slice(array_reverse(array_map(static fn(Shutter $s): string => $s->label(), $even)), 0, 4);

        return new Mark(
            MarkKind::Even,
            sprintf('Lamps on %s look alike in every frame at %s.', $mains->inWords(), implode(', ', $labels)),
            null,
            null,
            array_map(static fn(Shutter $s): int => $s->tv->thirtieths, $even),
        );
    }

    private function depth(): Mark
    {
        $near = $this->moment->scene->distance;
        $depth = $this->moment->people->depth;
        $lens = $this->moment->lens;
        [$needed, $focus] = DepthOfField::forGroup($this->moment->optics, $near, $near + $depth);
        $scale = Aperture::scale($this->moment->body->step, $lens->widest, $lens->narrowest);
        $enough = array_values(array_filter($scale, static fn(Aperture $a): bool => $a->av->value() >= $needed - 1e-9))[0] ?? null;
        $group = sprintf('A group %s m deep', Number::plain($depth, 1));

        return $enough === null
            ? new Mark(MarkKind::Depth, "$group is not sharp at any aperture of this lens; step back.", 1 + $lens->narrowest->av->thirtieths, null)
            : new Mark(MarkKind::Depth, sprintf('%s is sharp from %s, focused at %s m.', $group, $enough->label(), Number::plain($focus, 2)), $enough->av->thirtieths, null);
    }

    private function firstFrom(float $tv): Shutter
    {
        $scale = Shutter::scale($this->moment->body->step);
        foreach ($scale as $shutter) {
            if ($shutter->tv->value() >= $tv - 1e-9) {
                return $shutter;
            }
        }

        return $scale[count($scale) - 1];
    }
}
