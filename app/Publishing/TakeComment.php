<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Comment;
use App\Models\CommentState;
use App\Models\Site;
use Illuminate\Config\Repository;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Site\CommentRules;
use ZincPane\Core\Site\Page;

/** Takes what a visitor wrote, and shows it once somebody of the studio has looked at it. */
final readonly class TakeComment
{
    /** Comments of one page that may wait at once. */
    private const MOST_WAITING = 500;

    public function __construct(private LiveSite $live, private LiveLock $lock, private Repository $config)
    {
    }

    /** The live page that takes comments; null where there is none. */
    public function page(string $id): ?Page
    {
        $page = Site::query()->firstOrFail()->asLive()->pages[$id] ?? null;

        return $page?->comments === true ? $page : null;
    }

    /**
     * @return array<string, string> what is wrong, in the language of the page, by field; none where it was taken
     */
    public function take(Page $page, string $name, string $text, string $address): array
    {
        $name = CommentRules::cleaned($name, false);
        $text = CommentRules::cleaned($text, true);
        $refusals = CommentRules::refusals($name, $text);
        if ($refusals === [] && Comment::query()->where('page_id', $page->id)->where('state', CommentState::Waiting)->count() >= self::MOST_WAITING) {
            $refusals = ['text' => 'comment_full'];
        }
        if ($refusals === []) {
            Comment::query()->create(['page_id' => $page->id, 'name' => $name, 'text' => $text, 'visitor' => hash_hmac('sha256', $address, $this->config->string('app.key'))]);
        }
        $phrases = Site::query()->firstOrFail()->phrases();
        $limits = ['name' => CommentRules::LONGEST_NAME, 'text' => CommentRules::LONGEST_TEXT];
        $says = [];
        foreach ($refusals as $field => $why) {
            $says[$field] = $phrases->say($why, ['n' => $limits[$field], 'm' => mb_strlen($field === 'name' ? $name : $text)]);
        }

        return $says;
    }

    /**
     * The form again, with what was typed and what is wrong.
     *
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $refusals
     */
    public function again(Page $page, array $typed, array $refusals): string
    {
        $site = Site::query()->firstOrFail();
        $phrases = $site->phrases();
        $back = Element::of('p')->add(Element::of('a', ['href' => $page->path()])->text($phrases->say('up', ['t' => $page->title])));
        $sheet = new Composed($phrases->say('comments'), '', [(string) Element::of('h1')->text($phrases->say('comments')), (string) PageComments::form($page->id, $phrases, $typed, $refusals), (string) $back]);

        return SheetOfSite::compose($site, $sheet);
    }

    /** Shows it or not; pages follow at once. */
    public function judge(Comment $comment, CommentState $state): void
    {
        $this->lock->during(function () use ($comment, $state): void {
            $comment->update(['state' => $state]);
            $this->republish();
        });
    }

    public function delete(Comment $comment): void
    {
        $this->lock->during(function () use ($comment): void {
            $comment->delete();
            $this->republish();
        });
    }

    private function republish(): void
    {
        $site = Site::whole();
        $editions = LiveSite::editions();
        if ($site->live !== null) {
            $this->live->publish($site, $site->asLive(), $editions, $editions, [], static fn () => null);
        }
    }
}
