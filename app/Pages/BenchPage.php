<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\BenchData;
use App\Data\BenchState;
use App\Data\BodyChoice;
use App\Data\CurveData;
use App\Data\GearChoice;
use App\Data\LampData;
use App\Data\LensChoice;
use App\Data\MomentLink;
use App\Data\NeighboursData;
use App\Data\SceneryData;
use App\Data\SpotData;
use App\Data\WindowData;
use App\Models\Moment;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Planning\BagSpares;
use App\Planning\BenchHistory;
use App\Planning\DraftForm;
use App\Planning\MomentCautions;
use App\Planning\Pins;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\GlowPoint;
use Kaddle\Core\Glow\SpotGlow;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Glow\Window;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\Caution;
use Kaddle\Core\Night\HouseRule;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\HoldWords;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\Voice;

/** What the bench shows. */
final class BenchPage
{
    private function __construct() {}

    /** Everything, when it opens. */
    public static function of(Moment $moment, User $user, Solution $solution, Voice $voice): BenchData
    {
        $pieces = $user->pieces()
            ->toChoose([$moment->body_id, $moment->lens_id, $moment->flash_id, $moment->modifier_id, $moment->gel_id, $moment->other_gel_id])
            ->orderBy('id')->get();
        $choices = static fn(PieceKind $kind): array => array_values(
            $pieces->where('kind', $kind)->map(static fn(Piece $p): GearChoice => Listings::gear($p, $voice))->all(),
        );

        return new BenchData(
            $moment->id,
            Listings::night($moment->night),
            self::neighbours($moment),
            $moment->room_id,
            $moment->room->name,
            Moment::query()->where('room_id', $moment->room_id)->count() - 1,
            self::state($moment),
            SolutionDocument::of($solution, $voice, BagSpares::of($user)->for($solution)),
            Pins::of($moment)->beside($solution),
            array_values(
                $pieces->where('kind', PieceKind::Body)->map(
                    static fn(Piece $p): BodyChoice => self::body($p, $voice),
                )->all(),
            ),
            array_values(
                $pieces->where('kind', PieceKind::Lens)->map(
                    static fn(Piece $p): LensChoice => self::lens($p, $voice),
                )->all(),
            ),
            $choices(PieceKind::Flash),
            $choices(PieceKind::Modifier),
            $choices(PieceKind::Gel),
            self::curve($moment->curvePoint(), $moment->night->venue->timeZone()),
            self::spots($moment->room),
            array_map(
                static fn(HouseRule $r): string => NightWords::rule($r, $voice),
                $moment->night->venue->houseRules()->during($moment->slot()),
            ),
            array_map(
                static fn(Caution $c): string => NightWords::caution($c, $voice),
                MomentCautions::of($moment, null),
            ),
        );
    }

    private static function neighbours(Moment $moment): NeighboursData
    {
        $all = $moment->night->moments()->get(['id', 'night_id', 'name']);
        $place = (int) $all->search(static fn(Moment $m): bool => $m->id === $moment->id);
        $link = static fn(?Moment $m): ?MomentLink => $m === null ? null : new MomentLink($m->id, $m->name);

        return new NeighboursData($place + 1, $all->count(), $link($all->get($place - 1)), $link($all->get($place + 1)));
    }

    /** @return list<SpotData> */
    private static function spots(Room $room): array
    {
        return array_map(
            static fn(SpotGlow $s): SpotData => new SpotData($s->spot, round($s->over->value, 1), HoldWords::spot($s)),
            SpotGlow::all($room->glow(), GlowForm::readings($room->figures(), $room->venue->timeZone())),
        );
    }

    /** The moment as it is stored now. */
    public static function state(Moment $moment): BenchState
    {
        $history = BenchHistory::of($moment);

        return new BenchState(
            DraftForm::of($moment),
            $history->revision(),
            $history->canUndo(),
            $history->canRedo(),
            self::scenery($moment),
        );
    }

    /** What the curve of a room says for one time. */
    public static function curve(GlowPoint $point, \DateTimeZone $zone): CurveData
    {
        return new CurveData(
            $point->at->setTimezone($zone)->format('H:i'),
            round($point->glow->ev, 2),
            round($point->doubt, 2),
            round($point->colour->kelvin, -1),
            round($point->daylight, 3),
        );
    }

    /** With what its meter can show. */
    private static function body(Piece $body, Voice $voice): BodyChoice
    {
        $figures = $body->figures();
        $step = $figures->choice('step', Step::class);
        $fastest = ($figures->has('fastest') ? Shutter::fromLabel($figures->text('fastest'), $step) : Shutter::fastestOfAll())->tv->thirtieths;

        return new BodyChoice(
            Listings::gear($body, $voice),
            $step,
            array_map(
                static fn(Shutter $s): string => $s->label(),
                array_values(array_filter(Shutter::scale($step), static fn(Shutter $s): bool => $s->tv->thirtieths <= $fastest)),
            ),
            array_map(static fn(Aperture $a): string => $a->label(), Aperture::scale(
                $step,
                Aperture::of(ExactStops::fromWhole(0)),
                Aperture::of(ExactStops::fromWhole(10)),
            )),
            array_map(
                static fn(Iso $i): string => $i->label(),
                Iso::scale($step, Iso::of(ExactStops::fromWhole(-1)), Iso::highest($step)),
            ),
        );
    }

    /** With what can be set on it. */
    private static function lens(Piece $lens, Voice $voice): LensChoice
    {
        $openings = LensForm::openings($lens->figures());
        $focal = $openings->focalRange();
        $scale = static fn(Step $step): array => array_map(
            static fn(Aperture $a): string => $a->label(),
            Aperture::scale($step, $openings->at($focal->min), LensForm::narrowest($lens->figures())),
        );

        return new LensChoice(
            Listings::gear($lens, $voice),
            $focal->min,
            $focal->max,
            $scale(Step::Third),
            $scale(Step::Half),
        );
    }

    /** What gives the room its own light at the time of the moment. */
    private static function scenery(Moment $moment): SceneryData
    {
        $place = $moment->room->venue->place();
        $sun = SunPosition::at($place->latitude, $place->longitude, $moment->curvePoint()->at);
        $outdoors = Daylight::light($sun)->lux;
        $room = $moment->room->figures();
        $windows = GlowForm::windows($room);
        $hangs = array_map(
            static fn(Record $lamp): ?float => $lamp->has('hangs') ? $lamp->number('hangs') : null,
            $room->records('lamps'),
        );
        $lamps = [];
        foreach (GlowForm::lamps($room) as $i => $lamp) {
            $lux = $lamp->at(Evening::minutes($moment->clock()))->lux;
            $lamps[] = new LampData($lamp->name, round($lux, 2), round($lux / $lamp->light->lux, 3), $hangs[$i]);
        }

        return new SceneryData(array_map(static fn(Record $w, Window $window): WindowData => new WindowData(
            $w->text('name'),
            $w->choice('wall', Face::class),
            round($outdoors * $window->shareUnder($sun), 2),
        ), $room->records('windows'), $windows), $lamps);
    }
}
