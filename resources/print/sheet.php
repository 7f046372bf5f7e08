<?php declare(strict_types=1);
/** @var array<string, mixed> $told @var Closure(mixed): string $e */
require __DIR__.'/style.php'; ?>
<h1><?= $e($told['student']) ?>: <?= $e($told['verdict']) ?>, <?= $e($told['percent']) ?></h1>
<p><?= $e($told['about']) ?></p>
<?php foreach ($told['marks'] as $mark) { ?><p><strong><?= $e($mark) ?></strong></p><?php } ?>
<?php foreach ($told['sections'] as $section) { ?>
<h2><?= $e($section['name']) ?>: <?= $e($section['percent']) ?>, <?= $e($section['time']) ?></h2>
<table>
    <thead><tr><th style="width:34%">Item</th><th style="width:16%">Result</th><th>Missing or wrong</th>
    <th class="number">Earned</th></tr></thead>
    <?php foreach ($section['items'] as $item) { ?>
    <tr><td><?= $e($item['name']) ?></td><td><?= $e($item['sign'].' '.$item['status']) ?></td>
        <td><?= $e($item['missing']) ?></td><td class="number"><?= $e($item['earned']) ?></td></tr>
    <?php } ?>
</table>
<?php } ?>
<?php foreach (['Notes' => $told['notes'], 'Amendments' => $told['amendments']] as $title => $lines) {
    if ($lines !== []) { ?>
<h2><?= $e($title) ?></h2><?php foreach ($lines as $line) { ?><p><?= $e($line) ?></p><?php } ?>
<?php }
    } ?>
<h2>Signatures</h2>
<?php foreach ($told['signatures'] as $signature) { ?><p><?= $e($signature) ?></p><?php } ?>
<?php if ($told['signatures'] === []) { ?><p>Not signed.</p><?php } ?>
<p class="small">Digest of this record: <?= $e($told['digest']) ?><br>
Whether this sheet says what the record says:
/check/<?= $e($told['id']) ?>/<?= $e(substr($told['digest'], 0, 16)) ?><br>
A training record; it certifies nobody and is no legal inspection of a vehicle. Your state's manual and the examiner's
instructions come first.</p>
