<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\AskKind;
use Kaddle\Core\Drag\ReadyLook;
use Kaddle\Core\Motion\CameraMoveKind;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Words\AskWords;

/** A look to start from; what is null it leaves as it is. */
final readonly class ReadyLookDocument
{
    private function __construct(
        public ReadyLook $look,
        /** "still couple in a moving crowd" */
        public string $name,
        public string $sentence,
        /** The look to ask for settings; null where a time is all it takes. */
        public ?AskKind $ask,
        /** Time to hold, as on the body. */
        public ?string $shutter,
        /** Stops under metered at which the room reads. */
        public ?float $roomUnder,
        public ?CameraMoveKind $camera,
        /** Degrees. */
        public ?float $angle,
        /** Of the focal lengths at end and beginning. */
        public ?float $ratio,
        public ?Curtain $curtain,
        public ?bool $tripod,
        public ?Movement $movement,
        /** m/s of a crowd that passes. */
        public ?float $crowdSpeed,
    ) {}

    public static function of(ReadyLook $look, Moment $moment): self
    {
        $start = $look->start($moment);

        return new self(
            $look,
            $look->inWords(),
            AskWords::ready($look),
            $look->ask(),
            $look->shutter(),
            $look->roomUnder(),
            $start->move?->kind,
            $start->move?->angle,
            $start->move?->ratio,
            $start->move === null ? null : Curtain::First,
            $start->tripod,
            $start->movement,
            $start->crowdSpeed,
        );
    }
}
