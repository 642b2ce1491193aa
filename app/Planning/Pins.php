<?php

declare(strict_types=1);

namespace App\Planning;

use App\Data\PinData;
use App\Models\Moment;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Advice\Pinned;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\TurnWords;

/**
 * Settings of a moment that are kept side by side; no part of what the moment is.
 *
 * @phpstan-import-type TPin from Moment
 */
final readonly class Pins
{
    public const MOST = 3;

    private function __construct(
        private Moment $moment,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self($moment);
    }

    /**
     * The moment as it is filled, with what the solver says to it.
     *
     * @throws ValidationException
     */
    public function add(Solution $solution): void
    {
        $pin = [
            'id' => Str::uuid()->toString(),
            'settings' => Pinned::of($solution)->toStore(),
            'moment' => ['settings' => $this->moment->settings->toArray()] + array_intersect_key(
                $this->moment->getAttributes(),
                array_flip(Moment::BENCH),
            ),
        ];
        $this->change(static fn(Collection $pins): Collection => $pins->count() < self::MOST
            ? $pins->push($pin)
            : throw ValidationException::withMessages(
                ['page' => sprintf('%d settings are pinned already; take one off first.', self::MOST)],
            ));
    }

    /** One that is gone already stays gone. */
    public function remove(string $id): void
    {
        $this->change(static fn(Collection $pins): Collection => $pins->where('id', '!=', $id));
    }

    /** @return list<PinData> */
    public function beside(Solution $now): array
    {
        return array_map(fn(array $pin): PinData => $this->pin($pin, $now), $this->moment->pins);
    }

    /** @param TPin $pin */
    private function pin(array $pin, Solution $now): PinData
    {
        $pinned = Pinned::fromStored($pin['settings']);

        return new PinData(
            $pin['id'],
            $pinned->settings->shutter->label(),
            $pinned->settings->aperture->label(),
            $pinned->settings->iso->label(),
            $pinned->output->label(),
            $pinned->head,
            $pinned->face,
            $pinned->backdrop,
            TurnWords::of($pinned, Pinned::of($now), $now->moment->body->step, $now->moment->flash->step),
            DraftForm::of($this->as($pin['moment'])),
        );
    }

    /**
     * The moment as it was when it was pinned, in the room as it is now.
     *
     * @param array<string, mixed> $columns
     */
    private function as(array $columns): Moment
    {
        return (clone $this->moment)->setRawAttributes([
            ...$this->moment->getAttributes(),
            ...$columns,
            'settings' => json_encode($columns['settings'] ?? [], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ]);
    }

    /** @param \Closure(Collection<int, TPin>): Collection<int, TPin> $do */
    private function change(\Closure $do): void
    {
        $fresh = Moment::query()->whereKey($this->moment->id)->firstOrFail();
        $fresh->pins = array_values($do(collect($fresh->pins))->all());
        $fresh->saveQuietly();
        $this->moment->pins = $fresh->pins;
    }
}
