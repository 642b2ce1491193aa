<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

/**
 * What is in hand during a bar.
 *
 * @phpstan-all-methods-pure
 */
final readonly class InHand
{
    private function __construct(
        public Thing $body,
        public Thing $lens,
        public Thing $unit,
        /** Over the head; null for the bare head. */
        public ?Thing $modifier,
        /** All gels as one: another on one of the units is a change. */
        public ?Thing $gel,
    ) {}

    /**
     * Gels on several units, as one thing.
     *
     * @param Thing|null $gel null for bare heads
     * @param Thing|null $other of the other units
     * @param int|null $gelled units with the first; null where all carry it
     */
    public static function gels(?Thing $gel, ?Thing $other, ?int $gelled): ?Thing
    {
        if ($gelled === null || $gel?->identity === $other?->identity) {
            return $gel;
        }

        return Thing::of(
            "$gelled:{$gel?->identity}:{$other?->identity}",
            sprintf('%s on %d, %s beside', $gel->name ?? 'bare', $gelled, $other->name ?? 'bare'),
        );
    }

    public static function of(Thing $body, Thing $lens, Thing $unit, ?Thing $modifier, ?Thing $gel): self
    {
        return new self($body, $lens, $unit, $modifier, $gel);
    }

    public function withLens(Thing $lens): self
    {
        return new self($this->body, $lens, $this->unit, $this->modifier, $this->gel);
    }

    /** What is used as this control; null for nothing, and for what is no thing. */
    public function thing(Control $control): ?Thing
    {
        return match ($control) {
            Control::Body => $this->body,
            Control::Lens => $this->lens,
            Control::Unit => $this->unit,
            Control::Modifier => $this->modifier,
            Control::Gel => $this->gel,
            default => null,
        };
    }

    /** @return list<Control> what must be changed to get here */
    public function changesFrom(self $before): array
    {
        return array_values(array_filter(
            Control::things(),
            fn(Control $c): bool => $this->thing($c)?->identity !== $before->thing($c)?->identity,
        ));
    }
}
