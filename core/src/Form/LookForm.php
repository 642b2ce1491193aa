<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\SettingKinds;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Wish\Hold;
use Kaddle\Core\Wish\KeptLight;
use Kaddle\Core\Wish\KeptThing;
use Kaddle\Core\Wish\Locks;
use Kaddle\Core\Wish\Look;
use Kaddle\Core\Wish\School;

/** How the picture should look, with gear that is there. */
final class LookForm
{
    private function __construct() {}

    /** Controls that are held; those left out follow. */
    public static function holds(): Shape
    {
        return Shape::of(
            Field::optional('shutter', 'held shutter', SettingKinds::shutter('1/60')),
            Field::optional('aperture', 'held aperture', SettingKinds::aperture()),
            Field::optional('iso', 'held ISO', SettingKinds::iso()),
        )->called('LocksDraft');
    }

    public static function shape(): Shape
    {
        $keep = Shape::of(
            Field::needed('what', 'brightest thing that must hold detail', ChoiceKind::among(KeptThing::cases())),
            ...LevelForm::fields(
                'level of the thing to keep',
                'At ISO 100, of the thing itself: a flame with its candle, read from arm’s length, about EV 10; a window at dusk 7; a lit stage 9.',
            ),
        )->inOneWay(
            [['ev'], ['metered']],
            'Give the level of the thing to keep either as EV or as a metered exposure, not both.',
        )->called('KeepDraft');

        return Shape::of(
            Field::needed(
                'roomUnder',
                'wish for the room',
                NumberKind::within(Look::roomUnderRange()),
                '0 as metered, 1 to 2 lets people stand out, more is drama.',
            ),
            Field::needed('aperture', 'aperture that you like here', SettingKinds::aperture()),
            Field::optional('locks', 'controls that are held', PartKind::one(self::holds()), 'The others follow.', []),
            Field::optional(
                'school',
                'school',
                ChoiceKind::among(School::cases()),
                'Which controls follow.',
                School::ShutterFirst->value,
            ),
            Field::optional('keep', 'light to keep', PartKind::one($keep), 'Overrules the wish for the room.'),
            Field::optional(
                'fill',
                'fill flash',
                NumberKind::within(Look::fillRange()),
                'Under correct, where the room lights the face already: 1 to open it, 2 for the eyes.',
                Look::USUAL_FILL,
            ),
            Field::optional(
                'nd',
                'neutral density',
                NumberKind::within(Aids::densityRange()),
                'Of a filter before the lens.',
                0.0,
            ),
            Field::optional(
                'highSpeed',
                'high-speed sync',
                new FlagKind(),
                'The flash pulses through a shutter faster than sync speed.',
                false,
            ),
            Field::optional(
                'withoutFlash',
                'without flash',
                new FlagKind(),
                'By the light of the room alone: where the house forbids flash it is so anyway.',
                false,
            ),
            Field::optional(
                'balance',
                'white balance',
                NumberKind::within(Look::balanceRange()),
                'Of the body: 3200 for lamps, 5500 for the flash, 6500 under clouds. Left out, that of the bare flash.',
            ),
            Field::optional(
                'tint',
                'tint of the white balance',
                NumberKind::within(Look::tintRange()),
                'In thousandths of Duv: above 0 takes green out, as of paint or cheap lamps, below 0 takes pink out. 6 is plain to see.',
                0.0,
            ),
            Field::optional(
                'hold',
                'light that is held',
                ChoiceKind::among(Hold::cases()),
                'Where the room lights faces otherwise than what is behind them.',
                Hold::Background->value,
            ),
        )->called('LookDraft');
    }

    /** @return Look|null null after what forbids it was noted */
    public static function look(Record $document, Body $body, Lens $lens, FlashUnit $unit): ?Look
    {
        if (!$document->isSound('look')) {
            return null;
        }
        $look = $document->record('look');
        $working = $look->attempt(
            'aperture',
            static fn(): Aperture => Aperture::fromLabel($look->text('aperture'), $body->step),
        );
        $kept = $look->has('keep') ? self::kept($look->record('keep'), $body->step) : null;
        $pulses = $look->flag('highSpeed');
        if ($pulses && !$unit->highSpeed) {
            $look->fault('highSpeed', 'This flash unit has no high-speed sync.');
        }
        $locks = self::locks($look->record('locks'), $body, $lens, $pulses || $look->flag('withoutFlash') ? null : $body->sync);

        return $working === null || ($kept === null && $look->has('keep')) ? null : Look::ofStops(
            $look->number('roomUnder'),
            $working,
            $look->choice('school', School::class),
            $locks,
            $kept,
            $look->number('fill'),
            Aids::ofStops($look->number('nd'), $pulses ? $body->sync : null),
            $look->flag('withoutFlash'),
            $look->choice('hold', Hold::class),
            self::balance($look, $unit->colour),
        );
    }

    /** @param Kelvin $head what it is taken for where only a tint is told */
    private static function balance(Record $look, Kelvin $head): ?LightColour
    {
        return $look->has('balance') || $look->number('tint') !== 0.0
            ? Look::balanceOf($look->has('balance') ? Kelvin::of($look->number('balance')) : $head, $look->number('tint'))
            : null;
    }

    private static function kept(Record $keep, Step $step): ?KeptLight
    {
        $level = LevelForm::level($keep, 'level of the thing to keep', $step);

        return $level === null ? null : KeptLight::of($keep->choice('what', KeptThing::class), $level);
    }

    /** @param Shutter|null $fastest with which the flash still lights the whole frame; null where any does */
    private static function locks(Record $held, Body $body, Lens $lens, ?Shutter $fastest): Locks
    {
        $shutter = self::held(
            $held,
            'shutter',
            static fn(string $label): Shutter => Shutter::fromLabel($label, $body->step),
        );
        $aperture = self::held(
            $held,
            'aperture',
            static fn(string $label): Aperture => Aperture::fromLabel($label, $body->step),
        );
        $iso = self::held($held, 'iso', static fn(string $label): Iso => Iso::fromLabel($label, $body->step));
        if ($shutter !== null && $fastest !== null && $shutter->tv->thirtieths > $fastest->tv->thirtieths) {
            $held->fault(
                'shutter',
                "{$shutter->label()} is faster than the sync speed of this body, {$body->sync->label()}: a bar of the frame would stay dark.",
            );
        }
        if ($shutter !== null && $shutter->tv->thirtieths > $body->fastestOnDial->tv->thirtieths) {
            $held->fault('shutter', "The fastest shutter of this body is {$body->fastestOnDial->label()}.");
        }
        if ($aperture !== null && ($aperture->av->thirtieths < $lens->widest->av->thirtieths || $aperture->av->thirtieths > $lens->narrowest->av->thirtieths)) {
            $held->fault('aperture', "This lens has {$lens->widest->label()} to {$lens->narrowest->label()} here.");
        }
        if ($iso !== null && $iso->sv->thirtieths < $body->baseIso->sv->thirtieths) {
            $held->fault('iso', "The lowest ISO of this body is {$body->baseIso->label()}.");
        }

        return Locks::of($shutter, $aperture, $iso);
    }

    /**
     * @template T of object
     *
     * @param \Closure(string): T $read
     *
     * @return T|null
     */
    private static function held(Record $held, string $name, \Closure $read): ?object
    {
        return $held->has($name) ? $held->attempt($name, static fn(): object => $read($held->text($name))) : null;
    }
}
