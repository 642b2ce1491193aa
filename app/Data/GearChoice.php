<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Body;
use App\Models\FlashUnit;
use App\Models\Lens;
use Kaddle\Core\Quantity\Number;

/** A piece of gear to choose from. */
final readonly class GearChoice
{
    private function __construct(
        public int $id,
        public string $name,
        /** Its figures in a line. */
        public string $figures,
    ) {}

    public static function body(Body $body): self
    {
        return new self($body->id, $body->name, sprintf(
            '%s steps, sync %s s, to ISO %s',
            $body->step->value,
            $body->sync_tv->label(),
            $body->usable_iso_sv->label(),
        ));
    }

    public static function flash(FlashUnit $unit): self
    {
        $wide = $unit->zoom->steps[0];
        $narrow = $unit->zoom->steps[count($unit->zoom->steps) - 1];

        return new self($unit->id, $unit->name, sprintf(
            'guide number %s m, down to 1/%d',
            $wide === $narrow
                ? Number::plain($wide->guideNumber)
                : sprintf('%s–%s', Number::plain($wide->guideNumber), Number::plain($narrow->guideNumber)),
            2 ** $unit->lowest_under_full,
        ));
    }

    public static function lens(Lens $lens): self
    {
        $focal = $lens->shortest_mm === $lens->longest_mm
            ? Number::plain($lens->shortest_mm)
            : Number::plain($lens->shortest_mm) . '–' . Number::plain($lens->longest_mm);

        return new self($lens->id, $lens->name, "$focal mm, {$lens->widest_av->label()}");
    }
}
