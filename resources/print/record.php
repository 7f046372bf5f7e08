<?php declare(strict_types=1);
/** @var array<string, mixed> $told @var Closure(mixed): string $e */
require __DIR__.'/style.php'; ?>
<h1><?= $e($told['title']) ?></h1>
<p><?= $e($told['about']) ?></p>
<?php foreach ($told['tables'] as $table) { ?>
<h2><?= $e($table['title']) ?></h2>
<?php if ($table['rows'] === []) { ?><p>None.</p><?php } else { ?>
<table>
    <thead><tr><?php foreach ($table['heads'] as $head) { ?><th><?= $e($head) ?></th><?php } ?></tr></thead>
    <?php foreach ($table['rows'] as $row) { ?>
    <tr><?php foreach ($row as $cell) { ?><td><?= $e($cell) ?></td><?php } ?></tr>
    <?php } ?>
</table>
<?php }
} ?>
<p class="small">A training record; it certifies nobody. Your state's manual and the examiner's instructions come
first.</p>
