<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Situation\Moment;

/** A moment as read, with what the document said where the moment itself keeps only the result. */
final readonly class ReadMoment
{
    /**
     * @internal made by MomentReader only
     *
     * @param array<string, Finish> $finishes
     */
    public function __construct(
        public Moment $moment,
        /** By face, all six. */
        public array $finishes,
        /** The exposure that a meter gave, where the glow was told in that way. */
        public ?ExposureSettings $metered,
    ) {}
}
