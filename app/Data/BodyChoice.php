<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Quantity\Step;

/** A body to choose from, with what its meter can show. */
final readonly class BodyChoice
{
    /**
     * @param list<string> $shutters
     * @param list<string> $apertures
     * @param list<string> $isos
     */
    public function __construct(
        public GearChoice $gear,
        public Step $step,
        /** Slow to fast. @var list<string> */
        public array $shutters,
        /** Wide to narrow. @var list<string> */
        public array $apertures,
        /** Low to high. @var list<string> */
        public array $isos,
    ) {}
}
