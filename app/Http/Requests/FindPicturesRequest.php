<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\PictureFilter;

/** What is looked for in the store, and which stretch of it is wanted. */
final class FindPicturesRequest extends StudioRequest
{
    private const MOST = 500;

    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'words' => ['string', 'max:200'],
            'colour' => ['string', 'regex:/^[0-9a-fA-F]{6}$/'],
            'shape' => ['string', 'in:'.implode(',', PictureFilter::shapes())],
            'from' => ['date_format:Y-m-d'],
            'until' => ['date_format:Y-m-d'],
            'unused' => ['boolean'],
            'undescribed' => ['boolean'],
            'bin' => ['boolean'],
            'offset' => ['integer', 'min:0'],
            'limit' => ['integer', 'min:1', 'max:'.self::MOST],
        ];
    }

    public function filter(): PictureFilter
    {
        return PictureFilter::of(
            $this->string('words')->trim()->toString(),
            $this->string('colour')->toString(),
            $this->string('shape')->toString(),
            $this->string('from')->toString(),
            $this->string('until')->toString(),
            $this->boolean('unused'),
            $this->boolean('undescribed'),
            $this->boolean('bin'),
        );
    }

    public function offset(): int
    {
        return $this->integer('offset');
    }

    public function limit(): int
    {
        return $this->integer('limit', 100);
    }
}
