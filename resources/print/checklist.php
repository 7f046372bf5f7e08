<?php declare(strict_types=1);
/** @var array<string, mixed> $told @var Closure(mixed): string $e */
require __DIR__.'/style.php'; ?>
<h1><?= $e($told['title']) ?></h1>
<p><?= $e($told['about']) ?></p>
<table><tr>
    <td style="width:34%">Student<div class="sign"></div></td>
    <td style="width:22%">Date and start<div class="sign"></div></td>
    <td style="width:22%">End<div class="sign"></div></td>
    <td>Scored by<div class="sign"></div></td>
</tr></table>
<?php foreach ($told['sections'] as $section) { ?>
<h2><?= $e($section['name']) ?></h2>
<table>
    <?php foreach ($section['items'] as $item) { ?>
    <tr>
        <td class="number" style="width:5%"><?= $e($item['number']) ?></td>
        <td style="width:34%"><?= $e($item['name']) ?></td>
        <td><?php foreach ($item['points'] as $n => $point) { ?>
            <span class="box"></span> <small><?= $n + 1 ?></small> <?= $e($point) ?>&nbsp;&nbsp;
        <?php } ?></td>
        <td style="width:11%"><span class="box"></span> whole</td></tr>
    <?php } ?>
</table>
<?php } ?>
<h2>Signatures</h2>
<table><tr><td>Student<div class="sign"></div></td><td>Scorer<div class="sign"></div></td></tr></table>
<p class="small">Your state's
manual and the examiner's instructions come first.</p>
