<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Http\FileAnswer;
use App\Publishing\EmbedAnswer;
use App\Publishing\EmbedAnswers;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a page elsewhere asks for: a gallery for its script, or the page of a gallery for its frame. */
final readonly class ShowEmbed
{
    public function __construct(private EmbedAnswers $answers)
    {
    }

    public function __invoke(Request $request, string $gallery, string $rest = ''): Response
    {
        $origin = $request->headers->get('Origin');
        if ($rest !== '') {
            $answer = $this->answers->to($gallery, $rest, $origin, false);

            return self::sent($answer, $request, $answer->only === null ? Headers::embed() : Headers::guardedEmbed((string) $origin));
        }
        $answer = $this->answers->to($gallery, '.html', self::around($request), true);

        return self::sent($answer, $request, $answer->only === null ? Headers::frame('*') : [...Headers::frame($answer->only->frameAncestors()), 'Cache-Control' => 'private, no-cache']);
    }

    /**
     * @param  array<string, string>  $headers
     */
    private static function sent(EmbedAnswer $answer, Request $request, array $headers): Response
    {
        if ($answer->file === null) {
            abort(404);
        }

        return $answer->status === 200 && $answer->only === null ? FileAnswer::revalidated($answer->file, $request, $headers) : FileAnswer::told($answer->file, $request, $answer->status, $headers);
    }

    /** The site of the page around a frame, where its browser tells it; null where it stands in none. */
    private static function around(Request $request): ?string
    {
        $referer = parse_url((string) $request->headers->get('Referer'));
        $isFramed = in_array($request->headers->get('Sec-Fetch-Dest'), ['iframe', 'frame', null], true);
        $isElsewhere = is_array($referer) && isset($referer['scheme'], $referer['host']) && $referer['host'] !== $request->getHost();

        return $isFramed && $isElsewhere ? "{$referer['scheme']}://{$referer['host']}".(isset($referer['port']) ? ":{$referer['port']}" : '') : null;
    }
}
