<?php

declare(strict_types=1);

namespace Tests\Feature\Operations;

use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What is over goes; what somebody still needs stays. */
final class SweepTest extends TestCase
{
    public function testVisitsAndTriesThatAreOverAreLetGo(): void
    {
        $user = $this->person();
        foreach (['a bare visit' => [null, 3], 'a visit of now' => [null, 0], 'somebody away for a week' => [$user->id, 170], 'somebody away for a month' => [$user->id, 700]] as $id => [$owner, $hours]) {
            DB::table('sessions')->insert(['id' => $id, 'user_id' => $owner, 'payload' => '', 'last_activity' => time() - 3600 * $hours]);
        }
        DB::table('tries')->insert([['key' => 'old', 'count' => 3, 'last_at' => now()->subDays(2), 'free_at' => now()], ['key' => 'new', 'count' => 3, 'last_at' => now(), 'free_at' => now()]]);
        DB::table('imports')->insert([['user_id' => $user->id, 'is_preview' => true, 'state' => 'taken', 'created_at' => now()->subDays(8)], ['user_id' => $user->id, 'is_preview' => true, 'state' => 'waiting', 'created_at' => now()]]);
        Artisan::call('sweep');
        self::assertSame(['a visit of now', 'somebody away for a week'], DB::table('sessions')->orderBy('id')->pluck('id')->all());
        self::assertSame(['new'], DB::table('tries')->selectRaw('trim(key) as name')->pluck('name')->all());
        self::assertSame(['waiting'], DB::table('imports')->pluck('state')->all());
    }

    public function testAnAddressThatNobodyConfirmedIsFreeAgainAfterAWeek(): void
    {
        $this->person('Tilda');
        foreach (['Fresh' => 1, 'Stale' => 8] as $name => $days) {
            User::query()->create(['name' => $name, 'email' => "$name@kaddle.example", 'password' => self::PASSWORD])->forceFill(['created_at' => now()->subDays($days)])->save();
        }
        Artisan::call('sweep');
        self::assertSame(['Fresh', 'Tilda'], User::query()->orderBy('name')->pluck('name')->all());
    }

    public function testHealthIsToldPartByPart(): void
    {
        $this->getJson('/up')->assertOk()->assertJsonPath('database.well', true)->assertJsonPath('disk.well', true)->assertJsonPath('queue.well', true);
        DB::table('jobs')->insert(['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => time() - 1000, 'created_at' => time() - 1000]);
        $this->getJson('/up')->assertStatus(503)->assertJsonPath('queue.well', false)->assertJsonPath('database.well', true);
        self::assertSame(1, Artisan::call('state'));
        self::assertStringContainsString('NOT WELL: the oldest waits', Artisan::output());
    }
}
