<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Http\Request;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;

/** What the forms of an account ask, read by the core as everything else is. */
final class AccountForm
{
    private function __construct() {}

    /** @throws FaultyDocument */
    public static function signIn(Request $request): Record
    {
        return self::read(
            $request,
            self::email(),
            self::known('password'),
            Field::optional('remember', 'wish to stay signed in', new FlagKind()),
        );
    }

    /** @throws FaultyDocument */
    public static function registration(Request $request): Record
    {
        return self::read($request, Field::needed('name', 'name', TextKind::line(80)), self::email(), self::chosen());
    }

    /** @throws FaultyDocument */
    public static function address(Request $request): string
    {
        return self::read($request, self::email())->text('email');
    }

    /** @throws FaultyDocument */
    public static function reset(Request $request): Record
    {
        return self::read(
            $request,
            Field::needed('token', 'key from the mail', TextKind::line(200)),
            self::email(),
            self::chosen(),
        );
    }

    /** @throws FaultyDocument */
    public static function password(Request $request): string
    {
        return self::read($request, self::known('password'))->text('password');
    }

    /** @throws FaultyDocument */
    public static function newPassword(Request $request): Record
    {
        return self::read($request, self::known('current'), self::chosen());
    }

    /** How somebody is told things. */
    public static function voice(): Shape
    {
        return Shape::of(
            Field::needed('unit', 'lengths', ChoiceKind::among(LengthUnit::cases())),
            Field::needed('clock', 'time of day', ChoiceKind::among(Clock::cases())),
        );
    }

    /** @throws FaultyDocument */
    private static function read(Request $request, Field ...$fields): Record
    {
        return Shape::of(...$fields)->whole($request->post());
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
