<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Json;
use Kaddle\Core\Intake\JsonSize;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/**
 * Reads the body of a request, once session, token and account are known to be in order.
 *
 * Text that is no UTF-8, or holds a NUL, which no database takes, is refused here for
 * every field of every route.
 */
final class ReadBody
{
    private const MOST_VALUES = 4000;

    /**
     * @param \Closure(Request): Response $next
     *
     * @throws FaultyDocument
     */
    public function handle(Request $request, \Closure $next): Response
    {
        if (self::noText($request->query->all()) !== null) {
            throw new BadRequestHttpException();
        }
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        if ($request->isJson()) {
            $request->setJson($request->request = new InputBag(self::read($request->getContent())));
        }
        $field = self::noText($request->request->all());
        if ($field !== null) {
            throw FaultyDocument::at($field, 'Text must be UTF-8 without NUL.');
        }

        return $next($request);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws FaultyDocument
     */
    private static function read(string $json): array
    {
        $data = $json === '' ? [] : Json::read($json, JsonSize::of(MomentReader::MOST_BYTES, self::MOST_VALUES));
        if (!is_array($data)) {
            throw FaultyDocument::asAWhole('The request must be a JSON object.');
        }

        return array_combine(array_map(strval(...), array_keys($data)), $data);
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @return string|null the first field that is no text although it looks like it
     */
    private static function noText(array $data): ?string
    {
        $found = null;
        array_walk_recursive($data, static function (mixed $value, int|string $key) use (&$found): void {
            $isText = static fn(mixed $text): bool => !is_string($text) || (!str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8'));
            if (!$isText($key)) {
                $found ??= 'page';
            } elseif (!$isText($value)) {
                $found ??= (string) $key;
            }
        });

        return $found;
    }
}
