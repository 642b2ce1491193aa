<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Night;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use App\Planning\NightKit;
use App\Starter\StarterNight;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Intake\Leaves;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Room\RoomKind;
use Symfony\Component\HttpFoundation\Response;

/** Times the pages of a large account, which is made for it and let go again. */
final class BenchPages extends Command
{
    private const NIGHTS = 200;
    private const ROOMS = 2000;
    private const RUNS = 9;

    protected $signature = 'bench:pages';

    protected $description = 'Time every page of an account with 300 moments in a night, 2000 rooms and 200 nights';

    public function handle(Kernel $kernel): int
    {
        DB::beginTransaction();
        try {
            $user = User::query()->create(
                ['name' => 'Bench', 'email' => 'bench@kaddle.example', 'password' => 'not to be used'],
            );
            Auth::setUser($user);
            $night = $this->fill($user);
            $this->line(sprintf('%-28s %10s %10s %8s %8s', 'page', 'first ms', 'median ms', 'queries', 'KB'));
            $this->time($kernel, 'kit check, being reckoned', "/nights/{$night->id}/kit");
            NightKit::of($user, $night->wholeMoments(), PHP_INT_MAX);
            foreach ($this->pages($user, $night) as $name => $path) {
                $this->time($kernel, $name, $path);
            }
        } finally {
            DB::rollBack();
        }

        return self::SUCCESS;
    }

    /** Gives the night with as many moments as a night may have. */
    private function fill(User $user): Night
    {
        for ($i = 0; $i < (int) ceil(self::ROOMS / DocumentKind::MOST_ROOMS); ++$i) {
            $venue = new Venue(['name' => "Place $i", 'zone' => 'Europe/Oslo', 'latitude' => 58.2, 'longitude' => 8.1]);
            $user->venues()->save($venue);
            for ($j = 0; $j < DocumentKind::MOST_ROOMS - 3; ++$j) {
                $room = Room::ofKind(RoomKind::cases()[$j % count(RoomKind::cases())], "Room $j");
                $room->venue()->associate($venue);
                $user->rooms()->save($room);
            }
        }
        $venue = $user->venues()->oldest('id')->firstOrFail();
        $night = new Night();
        for ($i = 0; $i < self::NIGHTS; ++$i) {
            $night = new Night(
                ['name' => "Night $i", 'held_on' => sprintf('2027-%02d-%02d', $i % 12 + 1, $i % 28 + 1)],
            );
            StarterNight::store($user, $night, $venue, NightTemplate::EveningWedding);
        }
        $moments = $night->moments()->get();
        for ($i = count($moments); $i < DocumentKind::MOST_MOMENTS; ++$i) {
            $more = $moments[$i % count($moments)]?->replicate(['uid']) ?? throw new \LogicException(
                'a pattern without moments',
            );
            $night->moments()->save(
                $more->fill(
                    [
                        'starts_at' => Evening::clock(6 * 60 + 3 * $i),
                        'minutes' => 3,
                        'settings' => Leaves::put($more->settings->toArray(), ['subject.distance' => 2.0 + $i / 100.0]),
                    ],
                ),
            );
        }

        return $night;
    }

    /** @return array<string, string> path by name */
    private function pages(User $user, Night $night): array
    {
        $moment = $night->moments()->firstOrFail();

        return [
            'nights' => '/nights',
            'timetable, 300 moments' => "/nights/{$night->id}/timetable",
            'kit check, 300 moments' => "/nights/{$night->id}/kit",
            'energy, 300 moments' => "/nights/{$night->id}/energy",
            'plan of a moment' => "/moments/{$moment->id}/plan",
            'bench' => "/moments/{$moment->id}",
            'bag' => '/bag',
            'a piece' => "/pieces/{$moment->flash_id}",
            'places' => '/places',
            'a place, 60 rooms' => "/places/{$night->venue_id}",
            'a room with its curve' => "/rooms/{$moment->room_id}",
        ];
    }

    private function time(Kernel $kernel, string $name, string $path): void
    {
        $times = [];
        $queries = 0;
        $response = new Response();
        for ($run = 0; $run < self::RUNS; ++$run) {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $start = hrtime(true);
            $response = $kernel->handle(Request::create(url($path)));
            $times[] = (hrtime(true) - $start) / 1e6;
            $queries = count(DB::getQueryLog());
        }
        $first = $times[0];
        sort($times);
        $this->line(sprintf(
            '%-28s %10.1f %10.1f %8d %8.1f%s',
            $name,
            $first,
            $times[intdiv(self::RUNS, 2)],
            $queries,
            strlen((string) $response->getContent()) / 1024.0,
            $response->isOk() ? '' : "  status {$response->getStatusCode()}",
        ));
    }
}
