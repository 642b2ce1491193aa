<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\OneMoreStop;
use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\Eyes;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Levels;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;
use Kaddle\Core\Wish\Hold;

/**
 * Why a solution is as it is, in the order in which a photographer would think.
 */
final readonly class ReasonWords
{
    private function __construct(
        private Moment $moment,
        private Candidate $best,
        private Levels $levels,
        private Solution $solution,
        private Voice $voice,
    ) {}

    /** @return list<Reason> */
    public static function of(Solution $solution, Voice $voice): array
    {
        $self = new self($solution->moment, $solution->best, $solution->levels, $solution, $voice);

        return [
            $self->room(),
            ...($solution->moment->faceGlow->isEven() ? [] : [new Reason('on-face', HoldWords::both($solution->moment, $solution->levels), 'EV_face = EV_behind + over')]),
            ...$self->kept(),
            $self->school(),
            $self->shutter(),
            $self->aperture(),
            $self->iso(),
            new Reason('movement', DragWords::ghost(DragView::of($solution)), 'ℓ = f·v·t/(d − f), by what the room lights'),
            ...($self->best->isOff() ? [$self->withoutFlash()] : $self->ofFlash()),
            new Reason(
                'one-more',
                GainWords::of(OneMoreStop::of($solution), $voice),
                'a stop: 2 × ISO, 2 × time, N/√2, 2 × output, d/√2 for direct light',
            ),
            $self->doubt(),
        ];
    }

    /** @return list<Reason> */
    private function ofFlash(): array
    {
        return [$this->head(), $this->output(), $this->backdrop(), $this->eyes()];
    }

    private function withoutFlash(): Reason
    {
        return new Reason(
            'output',
            "The flash is off: the room alone lights the face, which reads {$this->levels->face->signed()} stops" . ($this->moment->faceGlow->isEven() ? ', as the room does.' : '.'),
            '2^face = 2^room',
        );
    }

    private function room(): Reason
    {
        $glow = $this->moment->held;
        $level = $this->moment->roomLevel;
        $wish = match (true) {
            abs($level->value) < 0.05 => 'as metered',
            $level->value < 0.0 => "{$level->amount()} under",
            default => "{$level->amount()} over",
        };

        return new Reason('room', sprintf(
            '%s at EV %s (%s lx). To read %s, the camera is set as if it were EV %s.',
            $this->moment->look->hold === Hold::Face && !$this->moment->faceGlow->isEven() ? 'The room lights the face' : 'The room glows',
            Number::plain($glow->ev, 1),
            Number::significant($glow->light()->lux),
            $wish,
            Number::plain($glow->ev - $level->value, 1),
        ), 'log2(N²/t) − log2(S/100) = EV100 − level');
    }

    /** @return list<Reason> */
    private function kept(): array
    {
        $kept = $this->moment->look->kept;
        if ($kept === null) {
            return [];
        }
        $reads = $kept->reads($this->moment->glow, $this->levels->room);

        return [new Reason('kept', sprintf(
            'The %s at EV %s may read %s stops and still hold detail: the picture is exposed for that, and it reads %s. The room falls to %s, the backdrop with the spill to %s.',
            $kept->thing->inWords(),
            Number::plain($kept->level->ev, 1),
            Stops::of($kept->thing->headroom())->signed(),
            $reads->signed(),
            $this->levels->room->signed(),
            $this->levels->backdrop->signed(),
        ), 'level = EV_room − EV_kept + headroom')];
    }

    private function school(): Reason
    {
        $school = $this->moment->look->school;

        return new Reason('school', sprintf('%s: %s', $school->inWords(), lcfirst($school->inASentence())), '');
    }

    private function shutter(): Reason
    {
        $body = $this->moment->body;
        $slowest = 1.0 / $body->steadinessAt($this->moment->lens->focalLength)->seconds;
        $label = $this->settings()->shutter->label();
        $hold = sprintf(
            'At %s mm you can hold 1/%s s.',
            Number::plain($this->moment->lens->focalLength),
            Number::plain($slowest, 0),
        );

        return new Reason('shutter', match ($this->best->choice->shutterBound) {
            Limit::Held => "$label is held by you. $hold",
            Limit::HandHeld => "$hold The slowest step within that, $label, lets in the most room light.",
            Limit::QuarterOutput => "$hold A slower shutter would need more than a quarter of the flash; $label keeps it easy.",
            Limit::UsableIso => "$label is the fastest shutter that ISO {$body->usableIso->label()} still carries; faster would spare the flash.",
            Limit::RoomLevel => "$label lets in what the room asks for at this aperture and ISO. $hold",
            Limit::LongestTime => "$label is as long as people bear who are not held by the pop.",
            Limit::FastestShutter => "$label is the fastest that focal-plane shutters have" . ($this->best->isOff() ? '.' : '; the flash pulses.'),
            Limit::FullOutput => "$label is the fastest at which the flash, pulsing, still reaches the face.",
            Limit::Movers => "$hold $label is the slowest at which people who {$this->moment->people->movement->inWords()} stay sharp by the room’s light alone.",
            Limit::Night => "$label serves this moment and asks for the fewest turns before and after it. $hold",
            Limit::WeakestFlash => "$label with a smaller opening leaves the room as it is: a faster shutter would make the lowest output too much.",
            Limit::BaseIso => "At ISO {$body->baseIso->label()} a slower shutter would ask for a narrower aperture than you like; $label is the slowest that keeps it.",
            default => "$label is as fast as this body lights the whole frame: above {$body->sync->label()} a bar stays dark.",
        }, 't ≤ 2^stabiliser / (k·f35), t ≥ t_sync');
    }

    private function aperture(): Reason
    {
        $label = $this->settings()->aperture->label();
        $working = $this->moment->look->workingAperture->label();

        return new Reason('aperture', match ($this->best->choice->apertureBound) {
            Limit::Held => "$label is held by you.",
            Limit::WorkingAperture => "$label is the aperture you like for this moment, and the other controls can keep it.",
            Limit::WidestAperture => "$label: you like $working, but the lens has to open all the way or the ISO leaves what you would deliver.",
            Limit::NarrowestAperture => "$label: the lens closes all the way, there is more light than you can use.",
            Limit::Night => "$label instead of $working: it asks for the fewest turns before and after.",
            Limit::BaseIso => "$label instead of $working: the ISO cannot go lower.",
            Limit::GroupDepth => "$label instead of $working: wider, and part of the group goes soft.",
            default => "$label instead of $working: the ISO cannot go higher.",
        }, '');
    }

    private function iso(): Reason
    {
        $label = $this->settings()->iso->label();

        return new Reason('iso', match ($this->best->choice->isoBound) {
            Limit::Held => "ISO $label is held by you; {$this->what()} reads {$this->heldLevel()} stops.",
            Limit::Night => "ISO $label goes with it: {$this->what()} reads {$this->heldLevel()} stops.",
            Limit::UsableIso => "ISO $label is the highest that you would deliver from this body.",
            Limit::BaseIso => "ISO $label is the lowest of this body.",
            Limit::QuarterOutput => "ISO $label is the lowest at which the flash is ready again at once, at a quarter or less.",
            Limit::LowestOutput => "ISO $label is as high as the lowest output of the flash allows.",
            Limit::FullOutput => "ISO $label is the lowest at which the flash still reaches the face.",
            default => "ISO $label makes up the rest, so that {$this->what()} reads {$this->heldLevel()} stops.",
        }, 'log2(S/100) = log2(N²/t) − EV100 + level');
    }

    /** What the settings hold. */
    private function what(): string
    {
        return $this->moment->look->hold === Hold::Face && !$this->moment->faceGlow->isEven() ? 'the face by the room alone' : 'the room';
    }

    private function heldLevel(): string
    {
        return $this->levels->held($this->moment->look->hold)->signed();
    }

    private function head(): Reason
    {
        $aim = $this->best->light->aim;
        $exposure = Number::significant($this->best->light->onFace());
        $way = $this->moment->pointing->aim === null ? 'has least against it' : 'is your choice';

        $zoom = $this->moment->zoomFor($aim);
        $stands = sprintf(
            'the zoom stands at %s mm, %s',
            Number::plain($zoom->focalLength, 0),
            $this->voice->guideNumber($zoom->guideNumber),
        );

        return new Reason(
            'head',
            "{$aim->inWords()} $way; $stands. A full pop brings $exposure lx·s to the face.{$this->split()}",
            'H = ∫ I(θ)·ρ/π·cos·cos/r² + radiosity',
        );
    }

    private function split(): string
    {
        $light = $this->best->light;

        return match (true) {
            !$light->aim->isBounced() || $light->onFace() <= 0.0 => '',
            $light->directShare() > 0.5 => ' Nothing overhead sends it back: it is the rim of the beam that reaches the face.',
            default => sprintf(
                ' %d %% comes by one reflection, %d %% by later ones.',
                round(100.0 * $light->shareBy(...Face::cases())),
                round(100.0 * $light->laterShare()),
            ),
        };
    }

    private function output(): Reason
    {
        $wanted = FaceBalance::flashBeside($this->levels->faceRoom, $this->moment->look->fill);
        $why = FaceBalance::isFill($this->levels->faceRoom, $this->moment->look->fill)
            ? "The room lights the face already, so the flash is fill at {$wanted->signed()} stops."
            : "The room gives the face {$this->levels->faceRoom->signed()} stops, which leaves {$wanted->signed()} for the flash.";
        $full = $this->settings()->levelOfFlash($this->best->light->onFace());

        return new Reason('output', sprintf(
            '%s A full pop would read %s there, so the output is %s.',
            $why,
            $full->signed(),
            $this->best->output->label(),
        ), '2^room + 2^flash = 1; stops over = log2(p·H·S / (250·N²))');
    }

    private function backdrop(): Reason
    {
        return new Reason('backdrop', sprintf(
            'On the far wall the flash spills %s stops beside the room’s %s: together %s.',
            $this->levels->spill->signed(),
            $this->levels->room->signed(),
            $this->levels->backdrop->signed(),
        ), '2^total = 2^room + 2^spill');
    }

    private function eyes(): Reason
    {
        $ratio = $this->best->light->crownOverFace();
        $judgement = match ($this->best->light->eyes()) {
            Eyes::Dark => 'expect dark eye sockets',
            Eyes::Shaded => 'a little shadow in the eye sockets',
            Eyes::Open => 'the eyes stay open',
        };

        return new Reason(
            'eyes',
            "Light from above against light on the face: {$ratio->signed()} stops, $judgement.",
            'log2(H_crown / H_face)',
        );
    }

    private function doubt(): Reason
    {
        $doubt = $this->solution->doubt();
        if ($this->best->isOff()) {
            return new Reason('doubt', sprintf('Expect ±%s stops on room and face: as sure as the glow.', Number::plain(Tolerance::GLOW, 1)), '');
        }

        return new Reason('doubt', sprintf(
            'Expect ±%s stops on the face: %s±%s for the unit, ±%s for where exactly the face is; and ±%s on the room’s glow.',
            Number::plain($doubt->total()->value, 1),
            $doubt->room > 0.0 ? sprintf('±%s for what a room like this has that an empty box lacks, ', Number::plain($doubt->room, 2)) : '',
            Number::plain($doubt->unit, 1),
            Number::plain($doubt->frame, 1),
            Number::plain(Tolerance::GLOW, 1),
        ), 'σ² = σ²_room + σ²_unit + σ²_frame');
    }

    private function settings(): ExposureSettings
    {
        return $this->best->choice->settings;
    }
}
