<?php

declare(strict_types=1);

namespace App\Http\Controllers\Live;

use App\Publishing\OEmbedAnswers;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Tells another site what to show in place of an address of ours (https://oembed.com). */
final class AnswerOEmbed
{
    /** Characters of an address that is looked at. */
    private const LONGEST = 2000;

    public function __invoke(Request $request, OEmbedAnswers $answers): Response
    {
        $text = static fn (string $name): string => is_string($given = $request->query($name)) ? mb_substr($given, 0, self::LONGEST) : '';
        $format = $text('format') === '' ? 'json' : $text('format');
        $bound = static fn (string $name): ?int => preg_match('/^[1-9]\d{0,4}$/D', $text($name)) === 1 ? (int) $text($name) : null;
        $answer = $answers->to($text('url'), $bound('maxwidth'), $bound('maxheight'));
        // 501 for a format that is not spoken here, 401 for what is not for everybody: the specification has both.
        $status = in_array($format, ['json', 'xml'], true) ? $answer->status : 501;
        if ($status !== 200) {
            return new Response($status === 501 ? "Formats are json and xml.\n" : "{$answer->says}\n", $status, ['Content-Type' => 'text/plain; charset=utf-8', ...Headers::embed()]);
        }

        return $format === 'json'
            ? new Response(json_encode($answer->facts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), 200, ['Content-Type' => 'application/json; charset=utf-8', ...Headers::embed()])
            : new Response($answer->xml(), 200, ['Content-Type' => 'text/xml; charset=utf-8', ...Headers::embed()]);
    }
}
