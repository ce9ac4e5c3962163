<?php

declare(strict_types=1);

namespace Tests;

use App\Contract\Contract;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;

/** Holds answers of the API against what was agreed upon. */
final class Contracts
{
    private static ?Validator $validator = null;

    /** What is amiss with an answer; null where nothing is, or where it is none of the API. */
    public static function broken(Request $request, Response $response): ?string
    {
        $route = $request->route();
        $prefix = $request->is('api/v1/*') ? 'api/v1/' : 'studio/api/';
        if (! $request->is('studio/api/*', 'api/v1/*') || $route === null || str_ends_with($route->uri(), 'openapi.json')) {
            return null;
        }
        $address = substr($route->uri(), strlen($prefix));
        if ($response->getStatusCode() === 404 && ! Route::has($route->getName() ?? '') && str_contains($address, '{screen')) {
            return null;
        }
        $type = Contract::answer($request->method(), $address, $response->getStatusCode());
        $what = "{$request->method()} {$address} with {$response->getStatusCode()}";
        if ($type !== null && $request->isMethod('HEAD')) {
            return null;
        }

        return match ($type) {
            null => "{$what} is no answer that was agreed upon",
            Contract::NO_JSON => null,
            Contract::NO_BODY => in_array($response->getContent(), ['', false, '{}', 'null'], true) ? null : "{$what} has a body",
            default => self::differs($type, self::plain($response), $what),
        };
    }

    private static function plain(Response $response): string
    {
        $content = (string) $response->getContent();

        return $response->headers->get('Content-Encoding') === 'gzip' ? (string) gzdecode($content) : $content;
    }

    private static function differs(string $type, string $body, string $what): ?string
    {
        $result = self::validator()->validate(json_decode($body), "urn:zinc-pane:contract#/\$defs/{$type}");

        return $result->isValid() ? null : "{$what} is no {$type}: ".json_encode((new ErrorFormatter)->format($result->error(), false), JSON_UNESCAPED_SLASHES);
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()->registerRaw(json_encode(Contract::schema()), 'urn:zinc-pane:contract');
        }

        return self::$validator;
    }
}
