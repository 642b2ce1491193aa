<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Room\RoomKind;
use Kaddle\Core\Wish\School;

/** Nights to start from: the usual run of an evening, to be moved and changed. */
enum NightTemplate: string
{
    case EveningWedding = 'evening-wedding';
    case AwardsDinner = 'awards-dinner';
    case ClubNight = 'club-night';

    public function inWords(): string
    {
        return match ($this) {
            self::EveningWedding => 'evening wedding',
            self::AwardsDinner => 'awards dinner',
            self::ClubNight => 'club night',
        };
    }

    /** @return non-empty-list<TemplateMoment> in time order */
    public function moments(): array
    {
        $m = TemplateMoment::of(...);
        $long = School::LongTime;
        [$hall, $gallery, $club, $outside] = [
            RoomKind::FunctionRoom, RoomKind::Gallery, RoomKind::BlackClub, RoomKind::OpenAir,
        ];
        [$still, $talk, $walk, $dance] = [Movement::Still, Movement::Talk, Movement::Walk, Movement::Dance];
        [$wall, $guests, $decor, $band, $dark] = [
            Behind::Wall, Behind::Guests, Behind::Decor, Behind::Band, Behind::DarkHall,
        ];

        return match ($this) {
            self::EveningWedding => [
                $m('Arrival outside', '17:30', 30, $outside, 4.0, 1.6, 9.0, 1.0, 'f/4', $walk, $guests, 3.0),
                $m('Ceremony', '18:00', 40, $hall, 6.0, 1.6, 5.0, 0.0, 'f/2.8', $still, $decor, 1.0),
                $m('Congratulations', '18:40', 25, $hall, 2.5, 1.6, 5.0, 1.0, 'f/4', $talk, $guests, 5.0),
                $m('Family groups', '19:05', 25, $hall, 4.5, 1.6, 4.5, 1.0, 'f/5.6', $still, $wall, 4.0, 1.5),
                $m('Supper', '19:30', 50, $hall, 3.0, 1.25, 4.0, 1.5, 'f/4', $talk, $decor, 2.0),
                $m('Speeches', '20:20', 30, $hall, 4.0, 1.65, 4.0, 1.5, 'f/2.8', $talk, $guests, 3.0),
                $m('Portrait of the couple', '20:50', 15, $outside, 3.0, 1.6, 1.0, 1.5, 'f/2.8', $still, $dark, 3.0),
                $m('Cake', '21:05', 15, $hall, 2.5, 1.6, 3.5, 1.0, 'f/4', $still, $decor, 5.0),
                $m('First dance', '21:20', 10, $hall, 4.0, 1.65, 2.5, 2.0, 'f/2.8', $dance, $guests, 10.0),
                $m('Dance floor opens', '21:30', 60, $hall, 2.5, 1.65, 1.5, 2.0, 'f/5.6', $dance, $band, 6.0, 0.0, $long),
                $m('Bouquet', '22:30', 10, $hall, 5.0, 1.8, 2.5, 1.5, 'f/4', $walk, $guests, 12.0),
                $m('Late dance', '22:40', 70, $hall, 2.0, 1.65, 1.0, 2.0, 'f/5.6', $dance, $band, 5.0, 0.0, $long),
                $m('Farewell with sparklers', '23:50', 15, $outside, 4.0, 1.6, -1.0, 1.0, 'f/2.8', $walk, $guests, 8.0),
            ],
            self::AwardsDinner => [
                $m('Foyer', '18:00', 45, $gallery, 2.5, 1.6, 6.0, 0.5, 'f/4', $talk, $guests, 4.0),
                $m('Portraits at the wall', '18:15', 30, $gallery, 3.0, 1.6, 6.0, 1.0, 'f/5.6', $still, $wall, 4.0),
                $m('Room before guests', '18:45', 10, $hall, 6.0, 1.3, 4.0, 0.0, 'f/5.6', $still, $decor, 1.0, withoutFlash: true),
                $m('Guests sit down', '18:55', 20, $hall, 3.0, 1.4, 4.0, 1.0, 'f/4', $walk, $guests, 4.0),
                $m('Welcome on stage', '19:15', 15, $hall, 6.0, 1.7, 5.5, 0.5, 'f/2.8', $talk, $band, 3.0),
                $m('Dinner tables', '19:30', 60, $hall, 2.5, 1.25, 4.0, 1.5, 'f/4', $talk, $guests, 2.0),
                $m('First awards', '20:30', 40, $hall, 5.0, 1.7, 5.5, 0.5, 'f/4', $walk, $band, 6.0),
                $m('Winners backstage', '20:50', 30, $gallery, 3.0, 1.6, 5.0, 1.0, 'f/5.6', $still, $wall, 3.0, 1.0),
                $m('Table groups', '21:10', 30, $hall, 4.0, 1.5, 4.0, 1.0, 'f/5.6', $still, $guests, 3.0, 1.2),
                $m('Main award', '21:40', 15, $hall, 6.0, 1.7, 5.5, 0.5, 'f/4', $walk, $band, 10.0),
                $m('All winners', '21:55', 10, $hall, 6.0, 1.7, 5.0, 0.5, 'f/5.6', $still, $band, 6.0, 1.5),
                $m('Bar and music', '22:05', 70, $hall, 2.0, 1.65, 2.0, 2.0, 'f/5.6', $dance, $guests, 4.0, 0.0, $long),
            ],
            self::ClubNight => [
                $m('Queue at the door', '22:00', 20, $outside, 3.0, 1.65, 1.0, 1.0, 'f/2.8', $talk, $guests, 3.0),
                $m('Empty floor, lights on', '22:10', 10, $club, 6.0, 1.4, 3.0, 0.0, 'f/4', $still, $band, 1.0, withoutFlash: true),
                $m('First guests at the bar', '22:20', 40, $club, 2.0, 1.6, 1.5, 1.5, 'f/4', $talk, $guests, 3.0),
                $m('Warm-up', '23:00', 45, $club, 2.5, 1.65, 0.5, 2.0, 'f/5.6', $dance, $band, 4.0, 0.0, $long),
                $m('Floor fills', '23:45', 45, $club, 2.0, 1.65, 0.5, 2.0, 'f/5.6', $dance, $guests, 6.0, 0.0, $long),
                $m('Main act comes on', '00:30', 15, $club, 5.0, 1.8, 2.0, 1.0, 'f/4', $dance, $band, 8.0, 0.0, $long),
                $m('Main act', '00:45', 60, $club, 4.0, 1.8, 1.5, 1.5, 'f/4', $dance, $band, 4.0, 0.0, $long),
                $m('Front row', '01:00', 20, $club, 1.5, 1.65, 1.0, 2.0, 'f/5.6', $dance, $guests, 6.0, 0.0, $long),
                $m('Confetti', '01:20', 5, $club, 5.0, 1.8, 2.0, 1.5, 'f/4', $dance, $band, 15.0, 0.0, $long),
                $m('Friends in the corner', '01:45', 30, $club, 1.8, 1.4, -0.5, 2.0, 'f/4', $talk, $wall, 3.0),
                $m('Last hour', '02:15', 60, $club, 2.0, 1.65, 0.0, 2.0, 'f/5.6', $dance, $guests, 4.0, 0.0, $long),
                $m('Lights up', '03:15', 15, $club, 3.0, 1.65, 4.0, 0.0, 'f/4', $talk, $guests, 2.0),
            ],
        };
    }
}
