<?php

declare(strict_types=1);

namespace ZincPane\Core\Phrases\In;

use ZincPane\Core\Phrases\Language;

final class De implements Language
{
    public static function phrases(): array
    {
        return [
            'albums' => 'Alben',
            'pages' => 'Seiten',
            'more' => 'Weitere',
            'show_all' => 'Alle {n} zeigen',
            'show_fewer' => 'Weniger zeigen',
            'page' => '{t}, Seite {n}',
            'read' => 'Ganz lesen',
            'read_named' => '„{t}“ lesen',
            'picture' => 'Bild {n} von {m}',
            'video' => 'Video: {t}',
            'video_numbered' => 'Video: {n} von {m}',
            'elsewhere' => 'führt zu {t}',
            'elsewhere_new' => 'führt zu {t}, in einem neuen Tab',
            'hint_large' => 'Ein Bild anklicken, um es zu vergrößern',
            'hint_place' => 'Ein Bild anklicken, um es hier größer zu sehen',
            'hint_page' => 'Ein Bild anklicken, um auf seine Seite zu kommen',
            'hint_other' => 'Ein Bild anklicken, um seinem Verweis zu folgen',
            'date' => '{d}. {month} {y}',
            'previous' => 'Voriges: {t}',
            'next' => 'Nächstes: {t}',
            'up' => 'Zurück zu {t}',
            'embed_none' => 'Diese Galerie ist zurzeit nicht zu sehen.',
            'embed_refused' => 'Diese Galerie ist nicht für diese Site bestimmt.',
            'embed_locked' => 'Diese Galerie ist verschlossen und öffnet sich nur auf ihrer eigenen Site.',
            'locked_title' => 'Verschlossen',
            'locked' => 'Diese Galerie ist verschlossen.',
            'locked_password' => 'Passwort',
            'locked_open' => 'Galerie öffnen',
            'locked_wrong' => 'Das ist nicht das Passwort.',
            'locked_many' => 'Das waren viele Versuche. Bitte etwas warten und noch einmal versuchen.',
            'missing' => 'Diese Seite gibt es hier nicht.',
            'missing_on' => 'Sie ist vielleicht umgezogen. Weiter bei der ersten Seite',
            'around' => 'Andere Bilder',
            'download' => 'Herunterladen',
            'comments' => 'Kommentare',
            'comments_none' => 'Hier hat noch niemand etwas geschrieben.',
            'comment_note' => 'Was Sie schreiben, erscheint, sobald es jemand angesehen hat.',
            'comment_name' => 'Ihr Name',
            'comment_text' => 'Ihr Kommentar',
            'comment_send' => 'Kommentar abschicken',
            'comment_received' => 'Danke. Ihr Kommentar ist angekommen und erscheint, sobald ihn jemand angesehen hat.',
            'comment_empty' => 'Bitte schreiben Sie hier etwas.',
            'comment_long' => 'Das sind {m} Zeichen; höchstens {n} sind möglich. Bitte kürzen Sie es.',
            'comment_link' => 'Kommentare nehmen keine Adressen anderer Seiten an. Bitte lassen Sie sie weg.',
            'comment_full' => 'Es warten zu viele Kommentare. Bitte kommen Sie später wieder.',
            'comment_many' => 'Das waren viele Kommentare in kurzer Zeit. Bitte warten Sie eine Minute und schicken Sie ihn noch einmal.',
            'v.title' => 'Bilder',
            'v.close' => 'Schließen',
            'v.next' => 'Nächstes Bild',
            'v.previous' => 'Voriges Bild',
            'v.count' => '{n} von {m}',
            'v.picture' => 'Bild {n} von {m}',
            'v.in' => 'Vergrößern',
            'v.out' => 'Verkleinern',
            'v.zoom' => 'Größe',
            'v.whole' => 'Ganzes Bild',
            'v.loupe' => 'Lupe',
            'v.play' => 'Diaschau abspielen',
            'v.pause' => 'Diaschau anhalten',
            'v.full' => 'Vollbild',
            'v.share' => 'Teilen',
            'v.copied' => 'Die Adresse wurde kopiert',
            'v.download' => 'Herunterladen',
            'v.words' => 'Über dieses Bild',
            'v.all' => 'Alle Bilder',
            'v.missing' => 'Dieses Bild konnte nicht geladen werden.',
            'v.again' => 'Noch einmal versuchen',
            'v.fold' => 'Zuklappen',
            'v.back' => 'Vorige Bilder',
            'v.on' => 'Nächste Bilder',
            'v.run' => 'Diaschau abspielen',
            'v.hold' => 'Diaschau anhalten',
        ];
    }

    public static function months(): array
    {
        return ['Januar', 'Februar', 'März', 'April', 'Mai', 'Juni', 'Juli', 'August', 'September', 'Oktober', 'November', 'Dezember'];
    }
}
