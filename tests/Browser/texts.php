<?php

declare(strict_types=1);

// Writes every text in a database, one a line, texts inside JSON too: texts.php DATABASE FILE [FILE FOR SINGLE WORDS OF SPECIES]

$pdo = new PDO("sqlite:{$argv[1]}");

/** @return list<string> */
function textsIn(mixed $value): array
{
    if (is_array($value)) {
        return array_merge(...array_map(textsIn(...), array_values($value)));
    }
    $inside = is_string($value) ? json_decode($value, true) : null;

    return is_array($inside) ? textsIn($inside) : (is_string($value) && $value !== '' ? [str_replace(["\n", "\r"], ' ', $value)] : []);
}

$texts = [];
$words = [];
// A text is a name or more than one word; single words are codes, or what a book says of a species.
$isText = fn (string $text): bool => preg_match('/\p{Lu}|\s/u', $text) === 1;
foreach ($pdo->query("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'")->fetchAll(PDO::FETCH_COLUMN) as $table) {
    foreach ($pdo->query("select * from \"{$table}\" limit 5000")->fetchAll(PDO::FETCH_ASSOC) as $row) {
        foreach (textsIn($row) as $text) {
            if ($isText($text)) {
                $texts[$text] = true;
            } elseif ($table === 'species') {
                $words[$text] = true;
            }
        }
    }
}
file_put_contents($argv[2], implode("\n", array_keys($texts)));
if (isset($argv[3])) {
    file_put_contents($argv[3], implode("\n", array_keys($words)));
}
