<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Night;
use App\Models\Room;
use App\Models\User;
use App\Starter\StarterBag;
use App\Starter\StarterNight;
use Illuminate\Database\Seeder;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\RoomKind;

/** The demo: an evening wedding at a restored harbour ropeworks. Everybody and everything in it is made up. */
final class DatabaseSeeder extends Seeder
{
    public const EMAIL = 'demo@kaddle.example';
    public const PASSWORD = 'ropewalk-evening';

    /** Seeds once: a second run finds the account and leaves everything as it is. */
    public function run(): void
    {
        if (User::query()->where('email', self::EMAIL)->exists()) {
            return;
        }
        $user = User::query()->create(['name' => 'Imke Tarnow', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        StarterBag::ensureFor($user);
        $night = new Night(['name' => 'Wedding of Runa and Joss', 'place' => 'Halvorsund Ropeworks', 'held_on' => '2027-09-18']);
        $night->user()->associate($user)->save();
        $this->moments($user, $night);
    }

    private function moments(User $user, Night $night): void
    {
        $lens = static fn(string $name): int => $user->lenses()->where('name', $name)->firstOrFail()->id;
        $f = static fn(string $label): Aperture => Aperture::fromLabel($label, Step::Third);
        StarterNight::moment($user, $night, $this->quay($user), [
            'name' => 'Arrival on the quay', 'starts_at' => '18:40',
            'subject_distance_m' => 4.0, 'subject_height_m' => 1.6, 'from_back_wall_m' => 20.0,
            'glow_ev' => 6.0, 'room_under_stops' => 1.0, 'working_av' => $f('f/2.8'),
        ]);
        StarterNight::moment($user, $night, $this->ropewalk($user), [
            'name' => 'Supper in the ropewalk', 'starts_at' => '19:30',
            'from_back_wall_m' => 5.0,
            'glow_ev' => null,
            'metered_tv' => Shutter::fromLabel('1/30', Step::Third),
            'metered_av' => $f('f/2.8'),
            'metered_sv' => Iso::fromLabel('1600', Step::Third),
        ]);
        StarterNight::moment($user, $night, $this->marquee($user), [
            'name' => 'Cake in the marquee', 'starts_at' => '21:00',
            'lens_id' => $lens('Standard zoom'), 'focal_mm' => 50.0,
            'subject_distance_m' => 2.5, 'subject_height_m' => 1.6, 'glow_ev' => 3.3, 'room_under_stops' => 1.0,
        ]);
        StarterNight::moment($user, $night, $this->boatShed($user), [
            'name' => 'First dance in the boat shed', 'starts_at' => '22:15',
            'from_back_wall_m' => 7.0, 'subject_distance_m' => 4.5, 'subject_height_m' => 1.65,
            'glow_ev' => 1.5, 'room_under_stops' => 2.0, 'working_av' => $f('f/2.8'),
        ]);
    }

    private function ropewalk(User $user): Room
    {
        return $this->stored($user, Room::ofKind(RoomKind::LongHall, 'Ropewalk hall'));
    }

    private function boatShed(User $user): Room
    {
        return $this->stored($user, Room::ofKind(RoomKind::Barn, 'Boat shed')->fill(['length_m' => 22.0, 'width_m' => 13.0, 'height_m' => 5.5, 'ridge_m' => 9.5]));
    }

    private function marquee(User $user): Room
    {
        return $this->stored($user, Room::ofKind(RoomKind::Marquee, 'Sailcloth marquee')->fill(['floor_finish' => Finish::PaleOak]));
    }

    private function quay(User $user): Room
    {
        return $this->stored($user, Room::ofKind(RoomKind::OpenAir, 'Open quay')->fill(['floor_finish' => Finish::WetCobbles]));
    }

    private function stored(User $user, Room $room): Room
    {
        $user->rooms()->save($room);

        return $room;
    }
}
