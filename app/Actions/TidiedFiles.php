<?php

declare(strict_types=1);

namespace App\Actions;

use ZincPane\Core\Tidying\Recipe;

/** What a recipe makes of a picture: the first file of it is there, and all that is to be known. */
final readonly class TidiedFiles
{
    /**
     * @param  array<string, mixed>  $columns  of the picture, as they are stored
     */
    public function __construct(public Recipe $recipe, public array $columns)
    {
    }
}
