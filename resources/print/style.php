<style>
    @page { margin: 40px 40px 54px; }
    body { font: 9pt/1.35 "DejaVu Sans", sans-serif; color: #000; }
    h1 { font-size: 16pt; margin: 0 0 4px; }
    h2 { font-size: 11pt; margin: 14px 0 4px; border-bottom: 1px solid #000; }
    p { margin: 0 0 4px; }
    table { width: 100%; border-collapse: collapse; }
    th, td { text-align: left; vertical-align: top; padding: 2px 4px; border-bottom: 0.5px solid #777; }
    th { font-weight: bold; }
    thead { display: table-header-group; }
    tr { page-break-inside: avoid; }
    .number { text-align: right; white-space: nowrap; }
    .box { width: 11px; height: 11px; border: 1px solid #000; display: inline-block; }
    .sign { border-bottom: 1px solid #000; height: 34px; }
    .small { font-size: 7pt; }
</style>
