<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use App\Planning\BenchHistory;
use App\Planning\DraftForm;

/** A moment as it is stored now, and where its history stands. */
final readonly class BenchState
{
    private function __construct(
        public MomentDraft $draft,
        /** What must be sent along to change it. */
        public string $revision,
        public bool $canUndo,
        public bool $canRedo,
        /** What gives the room its own light then. */
        public SceneryData $scenery,
    ) {}

    public static function of(Moment $moment): self
    {
        $history = BenchHistory::of($moment);

        return new self(DraftForm::of($moment), $history->revision(), $history->canUndo(), $history->canRedo(), SceneryData::of($moment));
    }
}
