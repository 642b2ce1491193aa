<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Intake\FaultyDocument;

/** What a page shows is of one revision; a change says of which, so that nothing is overwritten that nobody saw. */
final class Seen
{
    private function __construct() {}

    /** @throws FaultyDocument */
    public static function revision(Request $request): string
    {
        $seen = $request->input('revision');

        return is_string($seen) || is_int($seen)
            ? (string) $seen
            : throw FaultyDocument::at('revision', 'Tell which revision was seen, as the page was given it.');
    }

    /**
     * For a form, which keeps what was entered and knows the newer revision when it is told.
     *
     * @param int $now the revision that is stored
     *
     * @throws FaultyDocument|ValidationException
     */
    public static function mustBe(int $now, Request $request): void
    {
        if (self::revision($request) !== (string) $now) {
            throw ValidationException::withMessages(
                [
                    'page' => 'This was changed elsewhere since you opened it here. What you entered is kept: look in another tab at what has changed, or save once more to store what stands here.',
                ],
            );
        }
    }
}
