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
        public ?Thing $gel,
    ) {}

    public static function of(Thing $body, Thing $lens, Thing $unit, ?Thing $modifier, ?Thing $gel): self
    {
        return new self($body, $lens, $unit, $modifier, $gel);
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
