<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\SecondCurtainLack;
use Kaddle\Core\Exposure\SettingKinds;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\Steadiness;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\ChoicesKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;

/** A body: in a bag, and in a moment document. */
final class BodyForm
{
    /** What light is reckoned with; the rest is for the bag. */
    public const FIGURES = ['step', 'sync', 'baseIso', 'usableIso', 'stabiliser', 'crop', 'strictness', 'fastest', 'pixels', 'lacksSecondCurtain'];

    private function __construct() {}

    public static function piece(): Shape
    {
        return Shape::of(
            Field::needed('step', 'step of the controls', ChoiceKind::among([Step::Third, Step::Half])),
            Field::needed('sync', 'sync speed', SettingKinds::shutter()),
            Field::needed('baseIso', 'lowest ISO', SettingKinds::iso('100')),
            Field::needed('usableIso', 'usable ISO', SettingKinds::iso('6400'), 'The highest that you still deliver.'),
            Field::optional('topIso', 'highest ISO', SettingKinds::iso('25600'), 'What the dial goes up to.'),
            Field::needed('stabiliser', 'stabiliser', NumberKind::within(Steadiness::stabiliserRange()), '0 for none.'),
            Field::needed(
                'crop',
                'crop factor',
                NumberKind::within(Optics::cropRange()),
                '1 for 36 mm x 24 mm, about 1.5 for the next smaller frame.',
            ),
            Field::needed(
                'strictness',
                'hand-held rule k',
                NumberKind::within(Steadiness::strictnessRange()),
                't = 1/(k·f): 1 for steady hands, 2 to be sure.',
            ),
            Field::optional(
                'fastest',
                'fastest shutter',
                SettingKinds::shutter('1/8000'),
                'With its mechanical curtains. Left out, 1/4000.',
            ),
            Field::optional(
                'pixels',
                'pixels across the frame',
                NumberKind::whole(Body::pixelRange()),
                'Of a picture held level: a smear is told in them too.',
                Body::USUAL_PIXELS,
            ),
            Field::optional(
                'lacksSecondCurtain',
                'limits of the second curtain',
                ChoicesKind::among(SecondCurtainLack::cases()),
                'What it does not go together with. Left out, with a wireless flash and with high-speed sync, as on most bodies.',
            ),
            Field::optional('metering', 'flash metering', ChoiceKind::among(Metering::cases())),
            Field::optional(
                'compensations',
                'compensations',
                ChoiceKind::among(CompensationSum::cases()),
                'Which of them count together: try it with a frame of a grey wall.',
            ),
            self::reach('shutterReach', 'turns to reach the shutter'),
            self::reach('apertureReach', 'turns to reach the aperture'),
            self::reach('isoReach', 'turns to reach the ISO'),
        );
    }

    /** What a control costs to be reached, by which a night is made of few turns. */
    private static function reach(string $name, string $label): Field
    {
        return Field::optional(
            $name,
            $label,
            NumberKind::within(self::reachRange()),
            '1 for a wheel under a finger, 3 for a button and a wheel, 6 and more for a menu. Left out, 1.',
        );
    }

    /** @phpstan-pure */
    public static function reachRange(): Range
    {
        return Range::between(0.0, 100.0, 'turns', 0.5);
    }

    /** How a body meters flash; as most do where its figures do not say. */
    public static function metering(Record $figures): Metering
    {
        return $figures->has('metering') ? $figures->choice('metering', Metering::class) : Metering::Weighted;
    }

    /** As a moment document carries it. */
    public static function figures(): Shape
    {
        return self::piece()->only(...self::FIGURES);
    }

    /**
     * @param Record $blamed where faults of the whole are noted
     * @param string $blame the field of it
     *
     * @return Body|null null after what forbids it was noted
     */
    public static function body(Record $figures, Record $blamed, string $blame): ?Body
    {
        if (!$figures->isSound(...self::FIGURES)) {
            return null;
        }
        $step = $figures->choice('step', Step::class);
        $sync = $figures->attempt('sync', static fn(): Shutter => Shutter::fromLabel($figures->text('sync'), $step));
        $base = $figures->attempt('baseIso', static fn(): Iso => Iso::fromLabel($figures->text('baseIso'), $step));
        $usable = $figures->attempt(
            'usableIso',
            static fn(): Iso => Iso::fromLabel($figures->text('usableIso'), $step),
        );
        $fastest = $figures->has('fastest')
            ? $figures->attempt('fastest', static fn(): Shutter => Shutter::fromLabel($figures->text('fastest'), $step))
            : null;

        return $sync === null || $base === null || $usable === null
            ? null
            : $blamed->attempt($blame, static fn(): Body => Body::of(
                $step,
                $sync,
                $base,
                $usable,
                $figures->number('stabiliser'),
                $figures->number('crop'),
                $figures->number('strictness'),
                $fastest,
                $figures->whole('pixels'),
                $figures->has('lacksSecondCurtain') ? $figures->choices('lacksSecondCurtain', SecondCurtainLack::class) : null,
            ));
    }
}
