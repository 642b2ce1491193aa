<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Planning\DraftForm;
use App\Types\Constants;
use App\Types\FormTypes;
use App\Types\TypeScript;
use Illuminate\Console\Command;
use Kaddle\Core\Form\AskForm;
use Kaddle\Core\Form\ViewForm;

/** Writes what the page must know about the server's data: types, limits, words of closed sets. */
final class WriteTypes extends Command
{
    protected $signature = 'types:write {--check : write nothing, fail when the file is out of step}';

    protected $description = 'Write resources/js/types/generated.ts from the PHP data classes';

    public function handle(): int
    {
        $path = resource_path('js/types/generated.ts');
        $text = "// Written by `php artisan types:write` from the PHP data classes. Do not edit.\n\n"
            . TypeScript::ofFolders([
                'App\Data' => app_path('Data'),
                'Kaddle\Core\Document' => base_path('core/src/Document'),
            ], FormTypes::of(DraftForm::shape(), AskForm::shape(), ViewForm::shape()))
            . "\n" . Constants::asTypeScript();
        if ($this->option('check') !== true) {
            file_put_contents($path, $text);
            $this->info("Wrote $path.");

            return self::SUCCESS;
        }
        if (is_file($path) && file_get_contents($path) === $text) {
            $this->info('The types are in step.');

            return self::SUCCESS;
        }
        $this->error('The types are out of step: run php artisan types:write.');

        return self::FAILURE;
    }
}
