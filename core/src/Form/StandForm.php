<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\SettingKinds;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\UnknownLabel;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Stand;
use Kaddle\Core\Score\Stretches;

/** Where all controls of a moment stand, to stay there. */
final class StandForm
{
    private function __construct() {}

    /** One for each stretch of the moment, in time order; the last also for all that come after it. */
    public static function field(): Field
    {
        $stand = Shape::of(
            Field::needed('shutter', 'shutter that stands', SettingKinds::shutter('1/60')),
            Field::needed('aperture', 'aperture that stands', SettingKinds::aperture()),
            Field::needed('iso', 'ISO that stands', SettingKinds::iso()),
            Field::optional('output', 'output that stands', NumberKind::within(Range::between(-FlashUnit::lowestRange()->max, 0.0, 'stops', 0.1)), 'Against full power; left out for a flash that is off.'),
            Field::optional('head', 'head that stands', ChoiceKind::among(HeadAim::toChoose())),
            Field::optional('pointing', 'angles that stand', PartKind::one(HeadForm::angles())),
            Field::needed('lens', 'lens that stays on', TextKind::line(120)),
        );

        return Field::optional('stands', 'settings that stay', PartKind::listOf($stand, 'stretch', Stretches::MOST, 1), 'All of them, as they stand; left out, the night is solved.');
    }

    /** @return array<string, mixed> where a bar of a score stands */
    public static function of(ScoredBar $scored): array
    {
        $stand = $scored->stand();
        $best = $scored->solution->best;
        $angles = $best->light->angles;

        return [
            'shutter' => $stand->settings->shutter->label(),
            'aperture' => $stand->settings->aperture->label(),
            'iso' => $stand->settings->iso->label(),
            ...($stand->output->stops === null ? [] : ['output' => round($stand->output->stops->value(), 4), 'head' => $best->light->aim->value]),
            ...($angles === null ? [] : ['pointing' => ['turn' => $angles->turn, 'tilt' => $angles->tilt]]),
            'lens' => $scored->bar->inHand->lens->name,
        ];
    }

    /**
     * A bar with all its controls where they stand; as it is where nothing is to stay, or can stand so any more.
     *
     * @param Record $settings of the moment
     * @param int $stretch 0 for the first
     */
    public static function held(Bar $bar, Record $settings, int $stretch): Bar
    {
        if (!$settings->has('stands')) {
            return $bar;
        }
        $stands = $settings->records('stands');
        $told = $stands[min($stretch, count($stands) - 1)];
        $step = $bar->light->body->step;
        try {
            $exposure = ExposureSettings::of(
                Shutter::fromLabel($told->text('shutter'), $step),
                Aperture::fromLabel($told->text('aperture'), $step),
                Iso::fromLabel($told->text('iso'), $step),
                $bar->light->look->aids,
            );
        } catch (UnknownLabel) {
            return $bar; // another body by now
        }
        $output = $told->has('output') && $told->has('head')
            ? Output::of(ExactStops::fromThirtieths((int) round(30.0 * $told->number('output'))))
            : Output::off();
        $angles = $told->has('pointing') ? $told->record('pointing') : null;

        return $bar->standing(
            Stand::of(
                $exposure,
                $output,
                $output->stops === null ? HeadAim::Off : $told->choice('head', HeadAim::class),
                $angles === null ? null : Angles::ofDegrees($angles->number('turn'), $angles->number('tilt')),
            ),
            $told->text('lens'),
        );
    }
}
