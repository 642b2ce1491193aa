<?php

declare(strict_types=1);

namespace App\Starter;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Night\RoomLights;
use Kaddle\Core\Night\TemplateMoment;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Room\RoomKind;

/** The first steps of a night: rooms of usual size, and moments in them with the first gear of the bag. */
final class StarterNight
{
    /** m from the wall behind the camera; rooms of a template are deep enough for it. */
    private const FROM_BACK_WALL = 4.0;

    private const CAMERA_HEIGHT = 1.6;

    /** mm, or what the first lens has nearest to it. */
    private const FOCAL = 35.0;

    /** @var array<string, Room> by kind */
    private array $rooms = [];

    /** @var list<TemplateMoment> those of a template, by which new rooms get their lights */
    private array $moments = [];

    private function __construct(
        private readonly User $user,
        private readonly Night $night,
        private readonly Piece $body,
        private readonly Piece $lens,
        private readonly Piece $flash,
    ) {}

    /** Stores a night at a stored venue, with the moments of a template, or a single one to begin with. */
    public static function store(User $user, Night $night, Venue $venue, ?NightTemplate $template): void
    {
        $night->venue()->associate($venue);
        $night->user()->associate($user)->save();
        $self = self::withFirstGear($user, $night);
        $self->moments = $template?->moments() ?? [];
        foreach ($template?->moments() ?? [self::supper()] as $moment) {
            $self->add($moment);
        }
    }

    /** The first moment of a night that has none. */
    public static function begin(User $user, Night $night): Moment
    {
        return self::withFirstGear($user, $night)->add(self::supper());
    }

    private static function withFirstGear(User $user, Night $night): self
    {
        StarterBag::ensureFor($user);
        $first = static fn(PieceKind $kind): Piece => $user->pieces()->where('kind', $kind)->toChoose()->oldest('id')->first()
            ?? throw ValidationException::withMessages(
                ['page' => "Your bag has no {$kind->inWords()} that is not archived. Put one in first."],
            );

        return new self($user, $night, $first(PieceKind::Body), $first(PieceKind::Lens), $first(PieceKind::Flash));
    }

    private static function supper(): TemplateMoment
    {
        return TemplateMoment::of(
            'Supper',
            '19:30',
            30,
            RoomKind::FunctionRoom,
            3.0,
            1.25,
            4.0,
            1.5,
            'f/4',
            Movement::Talk,
            Behind::Decor,
            2.0,
        );
    }

    private function add(TemplateMoment $moment): Moment
    {
        $room = $this->rooms[$moment->room->value] ??= $this->room($moment->room);
        $stored = new Moment([
            'room_id' => $room->id,
            'body_id' => $this->body->id,
            'lens_id' => $this->lens->id,
            'flash_id' => $this->flash->id,
            'name' => $moment->name,
            'starts_at' => $moment->starts,
            'minutes' => $moment->minutes,
            'settings' => [
                'focalLength' => LensForm::openings($this->lens->figures())->focalRange()->nearest(self::FOCAL),
                'camera' => ['fromBackWall' => self::FROM_BACK_WALL, 'height' => self::CAMERA_HEIGHT],
                'subject' => ['distance' => $moment->distance, 'height' => $moment->height],
                'glow' => $room->hasCurve() ? ['curve' => true] : ['ev' => $moment->glow],
                'look' => [
                    'roomUnder' => $moment->roomUnder,
                    'aperture' => $moment->aperture,
                    'school' => $moment->school->value,
                    'withoutFlash' => $moment->withoutFlash,
                ],
            ],
            'plan' => [
                'movement' => $moment->movement->value,
                'behind' => $moment->behind->value,
                'framesPerMinute' => $moment->framesPerMinute,
                ...($moment->depth > 0.0 ? ['depth' => $moment->depth] : []),
            ],
        ]);
        $this->night->moments()->save($stored);

        return $stored;
    }

    /** The venue's room of that name where it is large enough, or a new one of usual size. */
    private function room(RoomKind $kind): Room
    {
        $name = ucfirst($kind->inWords());
        [$length, $width, $height] = $kind->metres();
        $known = $this->night->venue->rooms()
            ->where('name', $name)->where(
                'length_m',
                '>=',
                $length,
            )->where('width_m', '>=', $width)->where('height_m', '>=', $height)
            ->first();
        if ($known !== null) {
            return $known;
        }
        $room = Room::ofKind($kind, $name);
        if ($this->moments !== []) {
            $room->fill(RoomLights::of($kind, $this->moments)->columns());
        }
        $room->venue()->associate($this->night->venue);
        $this->user->rooms()->save($room);

        return $room;
    }
}
