<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Wish\KeptLight;
use Kaddle\Core\Wish\KeptThing;
use Kaddle\Core\Wish\Look;
use Kaddle\Core\Wish\School;

/** @internal how the picture should look, with gear that is there */
final readonly class LookReader
{
    private function __construct(
        private Fields $fields,
    ) {}

    public static function look(Fields $fields, ?Body $body, ?Lens $lens, ?FlashUnit $flash): ?Look
    {
        $fields->allowOnly('roomUnder', 'aperture', 'school', 'locks', 'keep', 'fill', 'nd', 'highSpeed');
        $self = new self($fields);
        $step = $body->step ?? Step::Third;
        $roomUnder = $fields->number('roomUnder', 'wish for the room', Look::roomUnderLimits());
        $working = $fields->label('aperture', 'working aperture', static fn(string $label): Aperture => Aperture::fromLabel($label, $step));
        $school = $fields->has('school') ? $fields->oneOf('school', 'school', School::class) : School::ShutterFirst;
        $fill = $fields->has('fill') ? $fields->number('fill', 'fill', Look::fillLimits()) : Look::USUAL_FILL;
        $kept = $fields->has('keep') ? $self->kept($step) : null;
        $aids = $self->aids($body, $flash);
        if ($body === null || $lens === null || $aids === null || $roomUnder === null || $working === null || $school === null || $fill === null || ($kept === null && $fields->has('keep'))) {
            return null;
        }
        $locks = LocksReader::locks($fields, $body, $lens, $aids->pulses() ? Shutter::fastest() : $body->sync);

        return Look::of($roomUnder, $working, $school, $locks, $kept, $fill, $aids);
    }

    private function kept(Step $step): ?KeptLight
    {
        $keep = $this->fields->object('keep');
        $keep->allowOnly('what', 'ev', 'metered');
        $thing = $keep->oneOf('what', 'thing to keep', KeptThing::class);
        $reader = LevelReader::in($keep, 'level of the thing to keep', $step);
        $metered = $reader->metered();
        $level = $reader->level($metered);

        return $thing === null || $level === null ? null : KeptLight::of($thing, $level, $metered);
    }

    private function aids(?Body $body, ?FlashUnit $flash): ?Aids
    {
        $density = $this->fields->has('nd') ? $this->fields->number('nd', 'neutral density', Aids::densityLimits()) : 0.0;
        $pulses = $this->fields->flag('highSpeed', 'high-speed sync');
        if ($pulses && $flash !== null && !$flash->highSpeed) {
            $this->fields->fault('highSpeed', 'This flash unit has no high-speed sync.');
        }

        return $density === null || $body === null ? null : Aids::of($density, $pulses ? $body->sync : null);
    }
}
