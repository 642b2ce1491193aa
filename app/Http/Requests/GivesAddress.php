<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A mail address without regard to case and stray spaces. */
trait GivesAddress
{
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('email'))) {
            $this->merge(['email' => mb_strtolower(trim($this->input('email')))]);
        }
    }

    public function address(): string
    {
        return $this->string('email')->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
