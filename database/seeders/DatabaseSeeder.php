<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Exchange\Importer;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Exchange\DocumentReader;

/**
 * The demo: three nights around a restored harbour ropeworks, taken in through the same
 * door as anybody's documents. Everybody and everything in it is made up.
 */
final class DatabaseSeeder extends Seeder
{
    public const EMAIL = 'demo@kaddle.example';
    public const PASSWORD = 'ropewalk-evening';

    public const NIGHTS = ['wedding', 'awards', 'club'];

    /** Seeds once: a second run finds the account and leaves everything as it is. */
    public function run(): void
    {
        if (User::query()->where('email', self::EMAIL)->exists()) {
            return;
        }
        DB::transaction(static function (): void {
            $user = new User(['name' => 'Imke Tarnow', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
            $user->forceFill(['confirmed_at' => now()])->save();
            foreach (self::NIGHTS as $name) {
                Importer::take($user, DocumentReader::fromJson((string) file_get_contents(database_path("demo/$name.json"))));
            }
        });
    }
}
