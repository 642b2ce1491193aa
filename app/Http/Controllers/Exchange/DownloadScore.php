<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\Csv;
use App\Models\Night;
use App\Pages\CardsPage;
use Illuminate\Http\Response;
use Kaddle\Core\Document\ScoreBarDocument;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** The score as a table. */
final class DownloadScore
{
    private const HEAD = [
        'From', 'Until', 'Moment', 'Room', 'Glow EV', 'Subject m', 'Shutter', 'Aperture', 'ISO', 'Output', 'Share of full', 'Head',
        'Body', 'Lens', 'Focal length mm', 'Flash', 'Modifier', 'Gel', 'Turn', 'Turns', 'Cannot be had',
    ];

    public function __invoke(Night $night, KnownLights $known): Response
    {
        $cards = CardsPage::of($night, $known, Voice::plain(), withCards: false);

        return Csv::download("$night->name score", self::HEAD, array_map(static fn(ScoreBarDocument $b, string $room): array => [
            $b->from, $b->until, $b->name, $room, $b->glow, $b->distance, $b->shutter, $b->aperture, str_replace('ISO ', '', $b->iso), $b->output,
            $b->share, $b->output === 'off' ? null : $b->head, $b->body, $b->lens, $b->focalLength, $b->flash, $b->modifier, $b->gel,
            implode(', ', array_column($b->changes, 'label')), array_sum(array_column($b->changes, 'turns')),
            implode(' ', array_column($b->shortfalls, 'sentence')),
        ], $cards->score->bars, $cards->rooms));
    }
}
