<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Wish\Locks;

/** @internal controls that are held, of a body and a lens that are there */
final class LocksReader
{
    private function __construct() {}

    /**
     * @param Fields $look the part of a moment document that may have them
     * @param Shutter $fastest with which the flash still lights the whole frame
     */
    public static function locks(Fields $look, Body $body, Lens $lens, Shutter $fastest): Locks
    {
        if (!$look->has('locks')) {
            return Locks::none();
        }
        $fields = $look->object('locks');
        $fields->allowOnly('shutter', 'aperture', 'iso');
        $step = $body->step;
        $shutter = $fields->has('shutter') ? $fields->label('shutter', 'held shutter', static fn(string $l): Shutter => Shutter::fromLabel($l, $step)) : null;
        $aperture = $fields->has('aperture') ? $fields->label('aperture', 'held aperture', static fn(string $l): Aperture => Aperture::fromLabel($l, $step)) : null;
        $iso = $fields->has('iso') ? $fields->label('iso', 'held ISO', static fn(string $l): Iso => Iso::fromLabel($l, $step)) : null;
        if ($shutter !== null && $shutter->tv->thirtieths > $fastest->tv->thirtieths) {
            $fields->fault('shutter', "{$shutter->label()} is faster than the sync speed of this body, {$body->sync->label()}: a bar of the frame would stay dark.");
        }
        if ($aperture !== null && ($aperture->av->thirtieths < $lens->widest->av->thirtieths || $aperture->av->thirtieths > $lens->narrowest->av->thirtieths)) {
            $fields->fault('aperture', "This lens has {$lens->widest->label()} to {$lens->narrowest->label()} here.");
        }
        if ($iso !== null && $iso->sv->thirtieths < $body->baseIso->sv->thirtieths) {
            $fields->fault('iso', "The lowest ISO of this body is {$body->baseIso->label()}.");
        }

        return Locks::of($shutter, $aperture, $iso);
    }
}
