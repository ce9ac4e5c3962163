<?php

declare(strict_types=1);

namespace ZincPane\Core\Settings;

use Closure;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * The settings that a class declares by attributes on what its constructor takes, and the groups
 * within it. It makes objects of the class from what is stored, and what is stored from objects;
 * keys are the names of the properties with underscores: $rowHeight is "row_height".
 *
 * @template-covariant T of object
 */
final readonly class Group
{
    /**
     * @param  Closure(array<string, mixed>): T  $maker  takes arguments by name
     * @param  array<string, Setting>  $settings  by key
     * @param  array<string, self<object>>  $parts  groups within, by key
     * @param  array<string, string>  $properties  names by key, in the order of the constructor
     */
    private function __construct(
        private Closure $maker,
        public array $settings,
        public array $parts,
        private array $properties,
    ) {
    }

    /**
     * @template C of object
     *
     * @param  class-string<C>  $class
     * @return self<C>
     */
    public static function of(string $class): self
    {
        // What a class declares never changes while a program runs.
        /** @var array<class-string, self<object>> $known */
        static $known = [];

        /** @var self<C> */
        return $known[$class] ??= self::declaredBy($class);
    }

    /**
     * @param  string  $path  of the group, for refusals: "design.layout"
     * @param  mixed  $values  from outside or as write() gave them; missing keys take their defaults
     * @return T
     *
     * @throws SettingException when it is no group, has an unknown key or a value that cannot be
     */
    public function read(string $path, mixed $values): object
    {
        $given = Settings::read($path, $values, array_keys($this->properties));
        $arguments = [];
        foreach ($this->properties as $key => $property) {
            $arguments[$property] = isset($this->parts[$key])
                ? $this->parts[$key]->read("{$path}.{$key}", $given->raw($key, []))
                : $this->settings[$key]->kind->read("{$path}.{$key}", $given->raw($key, $this->settings[$key]->default));
        }

        return ($this->maker)($arguments);
    }

    /**
     * @return array<string, mixed> nested as the groups are
     */
    public function write(object $values): array
    {
        $written = [];
        /** @var array<string, mixed> $all */
        $all = get_object_vars($values);
        foreach ($this->properties as $key => $property) {
            $value = $all[$property];
            $written[$key] = match (true) {
                ! isset($this->parts[$key]) => $this->settings[$key]->kind->write($value),
                is_object($value) => $this->parts[$key]->write($value),
                default => [],
            };
        }

        return $written;
    }

    /**
     * All settings of the group and of the groups within.
     *
     * @param  string  $path  of the group, empty for the outermost
     * @return array<string, Setting> by path: "layout.phone.columns"
     */
    public function all(string $path = ''): array
    {
        $all = [];
        foreach (array_keys($this->properties) as $key) {
            $own = ltrim("{$path}.{$key}", '.');
            $all = [...$all, ...(isset($this->parts[$key]) ? $this->parts[$key]->all($own) : [$own => $this->settings[$key]])];
        }

        return $all;
    }

    /**
     * @template C of object
     *
     * @param  class-string<C>  $class
     * @return self<C>
     */
    private static function declaredBy(string $class): self
    {
        $settings = $parts = $properties = [];
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $key = strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $parameter->name));
            $setting = ($parameter->getAttributes(Setting::class)[0] ?? null)?->newInstance();
            if ($setting !== null) {
                $settings[$key] = $setting;
            } else {
                $parts[$key] = self::of(self::typeOf($parameter));
            }
            $properties[$key] = $parameter->name;
        }
        $maker = Closure::bind(static fn (array $arguments): object => new $class(...$arguments), null, $class);

        return new self($maker, $settings, $parts, $properties);
    }

    /**
     * @return class-string
     */
    private static function typeOf(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';

        return $parameter->getAttributes(Part::class) !== [] && class_exists($name) ? $name : throw DeclarationException::neither($parameter);
    }
}
