<?php

declare(strict_types=1);

namespace Kaddle\Core\Intake;

/** @internal text from outside into plain values */
final class Json
{
    private function __construct() {}

    /** @throws FaultyDocument */
    public static function read(string $json, JsonSize $size): mixed
    {
        $tooMuch = JsonScan::tooMuch($json, $size);
        if ($tooMuch !== null) {
            throw FaultyDocument::asAWhole($tooMuch);
        }
        try {
            return json_decode($json, true, JsonSize::MOST_LEVELS, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw FaultyDocument::asAWhole("This is not JSON that can be read: {$e->getMessage()}.");
        }
    }
}
