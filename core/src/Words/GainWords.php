<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\Gain;
use Kaddle\Core\Advice\GainKind;
use Kaddle\Core\Advice\OneMoreStop;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Solve\ExposureChooser;

/**
 * Where one more stop of each light comes cheapest, in a sentence.
 *
 * @phpstan-all-methods-pure
 */
final class GainWords
{
    private function __construct() {}

    public static function of(OneMoreStop $stop, Voice $voice): string
    {
        $room = $stop->room === null
            ? 'a stand or a faster lens, for hands, lens and ISO are at their ends'
            : self::gain($stop->room, $voice);
        $flash = $stop->flash === null ? 'a second unit' : self::gain($stop->flash, $voice);

        return "One more stop of room light comes cheapest from $room" . ($stop->isFlashed ? "; of flash, from $flash." : '.');
    }

    private static function gain(Gain $gain, Voice $voice): string
    {
        $setting = $gain->setting ?? ExactStops::fromWhole(0);

        return match ($gain->kind) {
            GainKind::Iso => sprintf('ISO %s, still within what you deliver', Iso::of($setting)->label()),
            GainKind::Aperture => Aperture::of($setting)->label() . ($gain->sharp === null ? '' : self::sharp($gain->sharp, $voice)),
            GainKind::Shutter => Shutter::of($setting)->label() . ', which hands still hold',
            GainKind::Output => sprintf(
                'the unit at %s, %s',
                Output::of($setting)->label(),
                $setting->value() <= ExposureChooser::EASY_OUTPUT ? 'still quick to recycle' : 'with twice the wait',
            ),
            GainKind::Aim => "the head {$gain->aim?->inSentence()}",
            GainKind::Nearer => sprintf(
                'standing %s away',
                $gain->distance === null ? '' : $voice->length($gain->distance),
            ),
        };
    }

    private static function sharp(DepthOfField $sharp, Voice $voice): string
    {
        return ', sharp from ' . $voice->span(Length::ofMetres($sharp->near), Length::ofMetres($sharp->far));
    }
}
