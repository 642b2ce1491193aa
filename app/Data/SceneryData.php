<?php

declare(strict_types=1);

namespace App\Data;

/** What gives a room its own light, at the time of a moment. */
final readonly class SceneryData
{
    /**
     * @param list<WindowData> $windows
     * @param list<LampData> $lamps
     */
    public function __construct(
        /** @var list<WindowData> */
        public array $windows,
        /** @var list<LampData> */
        public array $lamps,
    ) {}
}
