<?php

declare(strict_types=1);

namespace App\Data;

/** A moment as it is stored now, and where its history stands. */
final readonly class BenchState
{
    public function __construct(
        public MomentDraft $draft,
        /** What must be sent along to change it. */
        public string $revision,
        public bool $canUndo,
        public bool $canRedo,
        /** What gives the room its own light then. */
        public SceneryData $scenery,
    ) {}
}
