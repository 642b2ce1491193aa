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
        return $this->room($user, 'Ropewalk hall', [26.0, 6.4, 3.1], Finish::Limewash, Finish::OakBoards, Finish::Limewash);
    }

    private function boatShed(User $user): Room
    {
        return $this->room($user, 'Boat shed', [22.0, 13.0, 8.5], Finish::DarkTimber, Finish::OakBoards, Finish::DarkTimber);
    }

    private function marquee(User $user): Room
    {
        return $this->room($user, 'Sailcloth marquee', [18.0, 9.0, 3.8], Finish::Sailcloth, Finish::PaleOak, Finish::Sailcloth);
    }

    private function quay(User $user): Room
    {
        return $this->room($user, 'Open quay', [60.0, 30.0, 12.0], Finish::Open, Finish::WetCobbles, Finish::Open);
    }

    /** @param array{float, float, float} $metres length, width, height */
    private function room(User $user, string $name, array $metres, Finish $ceiling, Finish $floor, Finish $walls): Room
    {
        return $user->rooms()->create([
            'name' => $name,
            'length_m' => $metres[0],
            'width_m' => $metres[1],
            'height_m' => $metres[2],
            'ceiling_finish' => $ceiling,
            'floor_finish' => $floor,
            ...array_fill_keys(['back_finish', 'far_finish', 'right_finish', 'left_finish'], $walls),
        ]);
    }
}
