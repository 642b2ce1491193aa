<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Http\JsonResponse;

/** Somebody, perhaps the same person in another tab, has changed what a page still shows as it was. */
final class ChangedElsewhere extends \RuntimeException
{
    public const STATUS = 409;

    public function __construct()
    {
        parent::__construct('This moment or its room was changed in another tab since you opened it here.');
    }

    public function render(): JsonResponse
    {
        return new JsonResponse(['message' => $this->getMessage()], self::STATUS);
    }
}
