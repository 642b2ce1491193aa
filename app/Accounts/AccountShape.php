<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Http\Request;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\FlagKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;

/** What the forms of an account ask, read by the core as everything else is. */
final class AccountShape
{
    private function __construct() {}

    /**
     * @return array{email: string, password: string, remember?: bool}
     *
     * @throws FaultyDocument
     */
    public static function signIn(Request $request): array
    {
        /** @var array{email: string, password: string, remember?: bool} */
        return self::read($request, self::email(), self::known('password'), Field::optional('remember', 'wish to stay signed in', new FlagKind()));
    }

    /**
     * @return array{name: string, email: string, password: string}
     *
     * @throws FaultyDocument
     */
    public static function registration(Request $request): array
    {
        /** @var array{name: string, email: string, password: string} */
        return self::read($request, Field::needed('name', 'name', TextKind::line(80)), self::email(), self::chosen());
    }

    /** @throws FaultyDocument */
    public static function address(Request $request): string
    {
        /** @var array{email: string} $read */
        $read = self::read($request, self::email());

        return $read['email'];
    }

    /**
     * @return array{token: string, email: string, password: string}
     *
     * @throws FaultyDocument
     */
    public static function reset(Request $request): array
    {
        /** @var array{token: string, email: string, password: string} */
        return self::read($request, Field::needed('token', 'key from the mail', TextKind::line(200)), self::email(), self::chosen());
    }

    /** @throws FaultyDocument */
    public static function password(Request $request): string
    {
        /** @var array{password: string} $read */
        $read = self::read($request, self::known('password'));

        return $read['password'];
    }

    /**
     * @return array{current: string, password: string}
     *
     * @throws FaultyDocument
     */
    public static function newPassword(Request $request): array
    {
        /** @var array{current: string, password: string} */
        return self::read($request, self::known('current'), self::chosen());
    }

    /**
     * @return array<string, mixed>
     *
     * @throws FaultyDocument
     */
    private static function read(Request $request, Field ...$fields): array
    {
        return Fields::whole($request->post(), Shape::of(...$fields)->read(...));
    }

    private static function email(): Field
    {
        return Field::needed('email', 'mail address', new MailKind());
    }

    private static function known(string $name): Field
    {
        return Field::needed($name, 'password', SecretKind::known());
    }

    private static function chosen(): Field
    {
        return Field::needed('password', 'password', SecretKind::chosen());
    }
}
