<?php

declare(strict_types=1);

namespace App\Starter;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Room;
use App\Models\User;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\RoomKind;

/** The first steps of a night: a room of usual size and one moment in it, to be changed on the bench. */
final class StarterNight
{
    private function __construct() {}

    /** Stores the night for the user and gives its first moment. */
    public static function for(User $user, Night $night): Moment
    {
        StarterBag::ensureFor($user);
        $night->user()->associate($user)->save();
        $room = Room::ofKind(RoomKind::FunctionRoom, 'Function room');
        $user->rooms()->save($room);

        return self::moment($user, $night, $room, ['name' => 'Supper', 'starts_at' => '19:30']);
    }

    /**
     * A moment of usual figures, with the first gear of the bag.
     *
     * @param array<string, mixed> $changes attributes that differ
     */
    public static function moment(User $user, Night $night, Room $room, array $changes): Moment
    {
        $moment = new Moment([
            'room_id' => $room->id,
            'body_id' => $user->bodies()->oldest('id')->firstOrFail()->id,
            'lens_id' => $user->lenses()->oldest('id')->firstOrFail()->id,
            'flash_unit_id' => $user->flashUnits()->oldest('id')->firstOrFail()->id,
            'focal_mm' => 35.0,
            'from_back_wall_m' => 4.0,
            'camera_height_m' => 1.6,
            'subject_distance_m' => 3.0,
            'subject_height_m' => 1.25,
            'glow_ev' => 4.0,
            'room_under_stops' => 1.5,
            'working_av' => Aperture::fromLabel('f/4', Step::Third),
            ...$changes,
        ]);
        $night->moments()->save($moment);

        return $moment;
    }
}
