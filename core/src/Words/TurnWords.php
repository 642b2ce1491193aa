<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\Pinned;
use Kaddle\Core\Quantity\Step;

/** What to turn to get from some settings to others. */
final class TurnWords
{
    /** Control, and which way it turns above and below 0. */
    private const WAYS = [
        'shutter' => ['shutter', 'faster', 'slower'],
        'aperture' => ['aperture', 'closed', 'open'],
        'iso' => ['ISO', 'up', 'down'],
        'output' => ['output', 'up', 'down'],
    ];

    private function __construct() {}

    /**
     * "shutter 2 slower"
     *
     * @param 'shutter'|'aperture'|'iso'|'output' $control
     * @param int $clicks above 0 is faster, narrower, higher, more
     */
    public static function clicks(string $control, int $clicks): string
    {
        [$name, $more, $less] = self::WAYS[$control];

        return sprintf('%s %d %s', $name, abs($clicks), $clicks > 0 ? $more : $less);
    }

    /** "shutter 2 slower, output 1 down"; "nothing to turn" where they are alike. */
    public static function of(Pinned $to, Pinned $now, Step $camera, Step $unit): string
    {
        $turns = [];
        foreach ($to->clicksFrom($now, $camera, $unit) as $control => $clicks) {
            $turns[] = self::clicks($control, $clicks);
        }
        if ($to->head !== $now->head) {
            $turns[] = sprintf('head: %s', lcfirst($to->head));
        }

        return $turns === [] ? 'nothing to turn' : implode(', ', $turns);
    }
}
