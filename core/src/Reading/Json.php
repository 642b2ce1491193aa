<?php

declare(strict_types=1);

namespace Kaddle\Core\Reading;

/** @internal text from outside into plain values */
final class Json
{
    private function __construct() {}

    /** @throws FaultyDocument */
    public static function read(string $json, int $mostBytes): mixed
    {
        if (strlen($json) > $mostBytes) {
            throw FaultyDocument::asAWhole(sprintf('The document is too long: %d bytes, at most %d.', strlen($json), $mostBytes));
        }
        try {
            return json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw FaultyDocument::asAWhole("This is not JSON that can be read: {$e->getMessage()}.");
        }
    }
}
