<?php

declare(strict_types=1);

namespace App\Contract;

/** What every address of the studio's API answers, as JSON Schema: what the studio's types are made from and the tests hold every answer against. */
final class Contract
{
    /** In place of a type: an answer without a body, or with one that is no JSON. */
    public const NO_BODY = '';

    public const NO_JSON = '*';

    /** Answers by method and address: the type of each status below 400. All others are a Problem. */
    private const ANSWERS = [
        'GET session' => [200 => 'Session'],
        'POST session' => [200 => 'Session'],
        'DELETE session' => [204 => self::NO_BODY],
        'GET account' => [200 => 'Account'],
        'POST account/password' => [204 => self::NO_BODY],
        'POST account/second-step' => [201 => 'SecondStepOffer'],
        'PUT account/second-step' => [200 => 'RecoveryCodes'],
        'POST account/second-step/end' => [204 => self::NO_BODY],
        'DELETE account/sign-ins' => [204 => self::NO_BODY],
        'DELETE account/sign-ins/{signIn}' => [204 => self::NO_BODY],
        'POST account/tokens' => [201 => 'TokenMade'],
        'DELETE account/tokens/{token}' => [204 => self::NO_BODY],
        'POST invitation' => [204 => self::NO_BODY],
        'POST invitation/look' => [200 => 'InvitationSeen'],
        'GET people' => [200 => 'People'],
        'PATCH people/{user}' => [204 => self::NO_BODY],
        'DELETE people/{user}' => [204 => self::NO_BODY],
        'POST invitations' => [201 => 'InvitationLink'],
        'DELETE invitations/{invitation}' => [204 => self::NO_BODY],
        'GET security' => [200 => 'SecurityLog'],
        'GET vocabulary' => [200 => 'Vocabulary'],
        'GET galleries' => [200 => 'GalleryList'],
        'POST galleries' => [201 => 'Gallery'],
        'GET galleries/{gallery}' => [200 => 'Gallery'],
        'PATCH galleries/{gallery}' => [200 => 'GalleryChanged'],
        'DELETE galleries/{gallery}' => [204 => self::NO_BODY],
        'POST galleries/{gallery}/restore' => [204 => self::NO_BODY],
        'POST galleries/{gallery}/duplicate' => [201 => 'Gallery'],
        'POST galleries/{gallery}/undo' => [200 => 'GalleryChanged'],
        'POST galleries/{gallery}/redo' => [200 => 'GalleryChanged'],
        'POST galleries/{gallery}/live' => [200 => 'GalleryChanged', 202 => 'Lacking'],
        'POST galleries/{gallery}/pictures' => [200 => 'TakenIn', 201 => 'TakenIn'],
        'POST galleries/{gallery}/items' => [201 => 'GalleryChanged'],
        'POST galleries/{gallery}/texts' => [201 => 'GalleryChanged'],
        'GET galleries/{gallery}/pulse' => [200 => 'Pulse'],
        'GET galleries/{gallery}/laid-out' => [200 => 'LaidOutNow'],
        'GET galleries/{gallery}/candidates' => [200 => 'Alternatives'],
        'GET galleries/{gallery}/snags' => [200 => 'SnagList'],
        'POST galleries/{gallery}/snags/preview' => [200 => 'MendPreview'],
        'PUT galleries/{gallery}/snags/{code}/meant' => [204 => self::NO_BODY],
        'DELETE galleries/{gallery}/snags/{code}/meant' => [204 => self::NO_BODY],
        'GET snags' => [200 => 'SnagsOfSite'],
        'GET galleries/{gallery}/preview' => [200 => 'Proof'],
        'GET galleries/{gallery}/finishes' => [200 => 'Finishes'],
        'GET galleries/{gallery}/clicks' => [200 => 'Clicks'],
        'POST finishes' => [201 => 'FinishKept'],
        'POST finishes/file' => [201 => 'FinishKept'],
        'GET finishes/{finish}' => [200 => 'FinishKept'],
        'PATCH finishes/{finish}' => [200 => 'FinishKept'],
        'DELETE finishes/{finish}' => [204 => self::NO_BODY],
        'GET finishes/{finish}/file' => [200 => self::NO_JSON],
        'GET galleries/{gallery}/order' => [200 => 'OrderPreview'],
        'POST galleries/{gallery}/order' => [200 => 'GalleryChanged'],
        'POST galleries/{gallery}/fill' => [200 => 'GalleryChanged'],
        'POST galleries/{gallery}/fill/preview' => [200 => 'FillPreview'],
        'GET galleries/{gallery}/words.csv' => [200 => self::NO_JSON],
        'POST galleries/{gallery}/words.csv' => [200 => 'TableTaken'],
        'POST galleries/{gallery}/words.csv/preview' => [200 => 'TablePreview'],
        'GET galleries/{gallery}/elsewhere' => [200 => 'Elsewhere'],
        'PUT galleries/{gallery}/elsewhere' => [204 => self::NO_BODY],
        'PUT galleries/{gallery}/lock' => [204 => self::NO_BODY],
        'DELETE galleries/{gallery}/lock' => [204 => self::NO_BODY],
        'GET elsewhere' => [200 => 'ElsewhereOfSite'],
        'PUT elsewhere' => [204 => self::NO_BODY],
        'PUT elsewhere/acquire-page' => [204 => self::NO_BODY],
        'POST elsewhere/check' => [200 => 'PageChecked'],
        'POST elsewhere/clean' => [200 => 'PastedCleaned'],
        'GET pictures' => [200 => 'StorePage'],
        'GET pictures/look-alikes' => [200 => 'LookAlikes'],
        'POST pictures/bin' => [200 => 'InUse'],
        'POST pictures/restore' => [204 => self::NO_BODY],
        'POST pictures/delete' => [200 => 'Deleted'],
        'POST pictures/tidy' => [204 => self::NO_BODY],
        'GET pictures/{picture}' => [200 => 'PictureDetails'],
        'PATCH pictures/{picture}' => [200 => 'PictureDetails'],
        'GET pictures/{picture}/uses' => [200 => 'Uses'],
        'GET pictures/{picture}/tidied' => [200 => self::NO_JSON],
        'GET pictures/{picture}/focal' => [200 => 'FocalFound'],
        'POST uploads' => [201 => self::NO_BODY],
        'HEAD uploads/{upload}' => [200 => self::NO_BODY],
        'GET uploads/{upload}' => [200 => self::NO_BODY],
        'GET uploads/{upload}/outcome' => [200 => 'TakenIn', 201 => 'TakenIn', 202 => 'BatchBegun'],
        'PATCH uploads/{upload}' => [200 => 'TakenIn', 201 => 'TakenIn', 202 => 'BatchBegun', 204 => self::NO_BODY],
        'DELETE uploads/{upload}' => [204 => self::NO_BODY],
        'GET batches/{batch}' => [200 => 'Batch'],
        'GET batches/{batch}/understood' => [200 => 'Understood'],
        'POST batches/{batch}/gallery' => [202 => 'BatchBegun'],
        'DELETE batches/{batch}' => [204 => self::NO_BODY],
        'GET galleries/{gallery}/pages' => [200 => self::NO_JSON],
        'GET galleries/{gallery}/file' => [200 => self::NO_JSON],
        'GET sources' => [200 => 'SourceList'],
        'GET sources/{source}' => [200 => 'SourceFiles'],
        'GET sources/{source}/files/{file}' => [200 => self::NO_JSON, 304 => self::NO_BODY],
        'POST sources/{source}/take' => [202 => 'BatchBegun'],
        'GET pages' => [200 => 'SitePages'],
        'POST pages/bring-in' => [201 => 'BroughtIn'],
        'POST pages' => [201 => 'PageMade'],
        'PATCH pages/{page}' => [204 => self::NO_BODY],
        'DELETE pages/{page}' => [204 => self::NO_BODY],
        'POST pages/{page}/offline' => [204 => self::NO_BODY],
        'POST pages/{page}/look' => [200 => 'Look'],
        'GET pages/{page}/file' => [200 => self::NO_JSON],
        'GET pages/{page}/parts' => [200 => 'PageParts'],
        'PUT pages/{page}/parts' => [200 => 'PageParts'],
        'GET site' => [200 => 'Site'],
        'GET comments' => [200 => 'Comments'],
        'PATCH comments/{comment}' => [204 => self::NO_BODY],
        'DELETE comments/{comment}' => [204 => self::NO_BODY],
        'GET site/history' => [200 => 'SiteHistory'],
        'POST site/back' => [204 => self::NO_BODY],
        'GET galleries/{gallery}/history' => [200 => 'GalleryHistory'],
        'POST galleries/{gallery}/back' => [200 => 'GalleryChanged'],
        'POST editions/{edition}/live' => [200 => 'EditionLive'],
        'PUT site/menu' => [204 => self::NO_BODY],
        'POST site/undo' => [204 => self::NO_BODY],
        'POST site/redo' => [204 => self::NO_BODY],
        'POST site/live' => [202 => 'Lacking', 204 => self::NO_BODY],
        'POST galleries/{gallery}/offline' => [200 => 'GalleryChanged'],
        'POST pictures/offline' => [204 => self::NO_BODY],
        'POST pictures/online' => [204 => self::NO_BODY],
        'POST panes' => [201 => 'PanePlaced'],
        'GET panes/{pane}' => [200 => 'PaneDetails'],
        'PATCH panes/{pane}' => [204 => self::NO_BODY],
        'DELETE panes/{pane}' => [204 => self::NO_BODY],
    ];

    /**
     * @return array<string, Type> by name
     */
    public static function types(): array
    {
        $types = [...AccessTypes::all(), ...DesignTypes::all(), ...ElsewhereTypes::all(), ...GalleryTypes::all(), ...PictureTypes::all(), ...SiteTypes::all(), ...SnagTypes::all()];
        ksort($types);

        return $types;
    }

    /**
     * The whole contract as one schema, with every type among its definitions.
     *
     * @return array<string, mixed>
     */
    public static function schema(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'urn:zinc-pane:contract',
            '$defs' => array_map(static fn (Type $type): array => $type->schema(), self::types()),
        ];
    }

    /**
     * The type of an answer.
     *
     * @param  string  $address  of the route, after "studio/api/"
     * @return ?string a name, NO_BODY or NO_JSON; null when no such answer was agreed upon
     */
    public static function answer(string $method, string $address, int $status): ?string
    {
        $agreed = self::ANSWERS["{$method} {$address}"] ?? null;

        return $agreed === null ? null : ($status >= 400 ? 'Problem' : $agreed[$status] ?? null);
    }

    /**
     * @return array<int, string> types by status below 400; none where nothing was agreed upon
     */
    public static function answers(string $method, string $address): array
    {
        return self::ANSWERS["{$method} {$address}"] ?? [];
    }

    /**
     * @return list<string> "GET galleries"
     */
    public static function addresses(): array
    {
        return array_keys(self::ANSWERS);
    }
}
