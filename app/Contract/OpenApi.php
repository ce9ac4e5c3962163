<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Config\Repository;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;

/** The API for scripts as https://spec.openapis.org/oas/v3.1.1 has it: made from its routes, their requests and the contract, so that it tells nothing else. */
final readonly class OpenApi
{
    private const PREFIX = 'api/v1/';

    /** Changes when something that was promised does. */
    private const VERSION = '1.0.0';

    public function __construct(private Router $router, private Repository $config)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        $paths = [];
        foreach ($this->routes() as $route) {
            $address = substr($route->uri(), strlen(self::PREFIX));
            foreach (array_diff($route->methods(), $this->doubled($route)) as $method) {
                $paths["/{$address}"][strtolower($method)] = $this->operation($route, $method, $address);
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.1',
            'info' => ['title' => 'Zinc Pane', 'version' => self::VERSION, 'summary' => 'Galleries from pictures: take in, change, put live, take along.', 'license' => ['name' => 'MIT', 'identifier' => 'MIT']],
            'servers' => [['url' => rtrim($this->config->string('app.url'), '/').'/'.rtrim(self::PREFIX, '/')]],
            'security' => [['token' => []]],
            'paths' => $paths,
            'components' => [
                'securitySchemes' => ['token' => ['type' => 'http', 'scheme' => 'bearer', 'description' => 'A token of the studio: your account, Tokens.']],
                'schemas' => $this->schemas(),
            ],
        ];
    }

    /**
     * @return list<Route>
     */
    private function routes(): array
    {
        return array_values(array_filter($this->router->getRoutes()->getRoutes(), static fn (Route $route): bool => str_starts_with($route->uri(), self::PREFIX) && ! str_ends_with($route->uri(), 'openapi.json')));
    }

    /**
     * Of a route for GET, HEAD comes by itself.
     *
     * @return list<string>
     */
    private function doubled(Route $route): array
    {
        return $route->uri() === self::PREFIX.'uploads/{upload}' ? [] : ['HEAD'];
    }

    /**
     * @return array<string, mixed>
     */
    private function operation(Route $route, string $method, string $address): array
    {
        $scope = $this->scope($route);
        $request = $this->request($route);

        return array_filter([
            'operationId' => strtolower($method).str_replace(' ', '', ucwords(trim((string) preg_replace('/[^A-Za-z]+/', ' ', $address)))),
            'summary' => self::summary($route),
            'description' => "Needs a token with the scope “{$scope}”.",
            'tags' => [explode('/', $address)[0]],
            'parameters' => $this->parameters($address),
            'requestBody' => $request === null || in_array($method, ['GET', 'HEAD', 'DELETE'], true) ? null : (new RequestSchema($request))->body(),
            'responses' => $this->responses($method, $address),
            'x-scope' => $scope,
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    private function scope(Route $route): string
    {
        foreach ($route->gatherMiddleware() as $middleware) {
            if (is_string($middleware) && str_starts_with($middleware, 'scope:')) {
                return substr($middleware, strlen('scope:'));
            }
        }

        return '';
    }

    /** The first sentence that is written of the class that answers. */
    private static function summary(Route $route): string
    {
        $class = $route->getControllerClass();
        $said = $class === null || ! class_exists($class) ? '' : (string) (new ReflectionClass($class))->getDocComment();
        $text = trim((string) preg_replace('~^/\*\*|\*/$|^\s*\*\s?~m', '', $said));

        return rtrim((string) preg_replace('/\s+/', ' ', explode('. ', $text)[0]), '.');
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function parameters(string $address): array
    {
        preg_match_all('/\{(\w+)\}/', $address, $found);

        return array_map(static fn (string $name): array => ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => ['type' => 'string']], $found[1]);
    }

    /** The request that its method takes; null where it takes none of its own. */
    private function request(Route $route): ?FormRequest
    {
        [$class, $method] = str_contains($route->getActionName(), '@') ? explode('@', $route->getActionName()) : [$route->getActionName(), '__invoke'];
        foreach (class_exists($class) ? (new ReflectionMethod($class, $method))->getParameters() : [] as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && is_subclass_of($type->getName(), FormRequest::class)) {
                return new ($type->getName());
            }
        }

        return null;
    }

    /**
     * @return array<int|string, array<string, mixed>>
     */
    private function responses(string $method, string $address): array
    {
        $responses = [];
        foreach (Contract::answers($method, $address) as $status => $type) {
            $responses[(string) $status] = ['description' => $type === Contract::NO_BODY ? 'Done; there is nothing to tell.' : ($type === Contract::NO_JSON ? 'The file.' : $type)] + match ($type) {
                Contract::NO_BODY => [],
                Contract::NO_JSON => ['content' => ['*/*' => (object) []]],
                default => ['content' => ['application/json' => ['schema' => ['$ref' => "#/components/schemas/{$type}"]]]],
            };
        }
        $problem = ['content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]]];

        return $responses + ['4XX' => ['description' => 'It cannot be done: what, and why (RFC 9457).', ...$problem], '5XX' => ['description' => 'It was not done, and not by your fault.', ...$problem]];
    }

    /**
     * @return array<mixed>
     */
    private function schemas(): array
    {
        $told = json_encode(array_map(static fn (Type $type): array => $type->schema(), Contract::types()), JSON_THROW_ON_ERROR);

        return (array) json_decode(str_replace('"#\/$defs\/', '"#\/components\/schemas\/', $told), false, 512, JSON_THROW_ON_ERROR);
    }
}
