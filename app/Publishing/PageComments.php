<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Comment;
use App\Models\CommentState;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Site\CommentRules;
use ZincPane\Core\Site\Page;

/** Comments below a page, and the form to write one; what nobody has looked at is not among them. */
final class PageComments
{
    /** A field that no person sees: who fills it in is none. */
    public const TRAP = 'website';

    /** Comments that are shown at most, the newest last. */
    private const MOST = 200;

    /** Where one comes to once a comment was sent. */
    public const RECEIVED = 'comments/received';

    /**
     * @param  list<array{name: string, text: string, at: string}>  $comments
     */
    private static function list(array $comments): Element
    {
        $list = Element::of('ol', ['class' => 'comments-list', 'role' => 'list']);
        foreach ($comments as $comment) {
            $list->add(Element::of('li')->add(
                Element::of('p', ['class' => 'comment-by', 'dir' => 'auto'])->add(Element::of('b')->text($comment['name']))->add(Element::of('span')->text(" {$comment['at']}")),
                Element::of('p', ['class' => 'comment-text', 'dir' => 'auto', 'style' => 'white-space:pre-line'])->text($comment['text']),
            ));
        }

        return $list;
    }

    public function below(Page $page, Phrases $phrases): string
    {
        if (! $page->comments) {
            return '';
        }
        $shown = Comment::query()->where('page_id', $page->id)->where('state', CommentState::Shown)->latest('created_at')->latest('id')->limit(self::MOST)->get()->reverse();
        $comments = array_values($shown->map(static fn (Comment $comment): array => ['name' => $comment->name, 'text' => $comment->text, 'at' => $phrases->date($comment->created_at->getTimestamp())])->all());
        $section = Element::of('section', ['class' => 'comments', 'id' => 'comments', 'aria-labelledby' => 'comments-title'])->add(Element::of('h2', ['id' => 'comments-title'])->text($phrases->say('comments')));
        $comments === [] ? $section->add(Element::of('p')->text($phrases->say('comments_none'))) : $section->add(self::list($comments));

        return (string) $section->add(self::form($page->id, $phrases))."\n";
    }

    /**
     * @param  array<string, string>  $typed  by field
     * @param  array<string, string>  $refusals  in words, by field
     */
    public static function form(string $page, Phrases $phrases, array $typed = [], array $refusals = []): Element
    {
        $field = static function (string $name, Element $control) use ($phrases, $refusals): Element {
            $label = Element::of('label')->add(Element::of('span')->text($phrases->say("comment_{$name}")), $control);

            return isset($refusals[$name]) ? $label->add(Element::of('strong', ['role' => 'alert', 'id' => "comment-{$name}-wrong"])->text($refusals[$name])) : $label;
        };
        $common = static fn (string $name): array => ['name' => $name, 'required' => true, 'aria-invalid' => isset($refusals[$name]) ? 'true' : null, 'aria-describedby' => isset($refusals[$name]) ? "comment-{$name}-wrong" : null];

        return Element::of('form', ['class' => 'comment-form', 'method' => 'post', 'action' => "/comments/{$page}"])->add(
            Element::of('p')->text($phrases->say('comment_note')),
            $field('name', Element::of('input', [...$common('name'), 'maxlength' => CommentRules::LONGEST_NAME, 'autocomplete' => 'name', 'value' => $typed['name'] ?? null])),
            $field('text', Element::of('textarea', [...$common('text'), 'rows' => 5, 'maxlength' => CommentRules::LONGEST_TEXT])->text($typed['text'] ?? '')),
            // Beyond the window, and no stop for the keyboard.
            Element::of('p', ['aria-hidden' => 'true', 'style' => 'position:absolute;left:-9999px'])->add(Element::of('input', ['name' => self::TRAP, 'tabindex' => -1, 'autocomplete' => 'off', 'aria-label' => self::TRAP])),
            Element::of('button', ['type' => 'submit'])->text($phrases->say('comment_send')),
        );
    }
}
