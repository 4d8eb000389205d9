<style>
    @page {
        margin: 20mm;
    }

    body {
        font-family: 'DejaVu Sans', sans-serif;
        font-size: 10pt;
        color: #1d2930;
    }

    h1 {
        font-size: 16pt;
        margin: 0 0 4mm;
    }

    h2 {
        font-size: 11pt;
        margin: 6mm 0 2mm;
    }

    table {
        width: 100%;
        border-collapse: collapse;
    }

    td,
    th {
        padding: 1.5mm 2mm 1.5mm 0;
        border-bottom: 0.2mm solid #d8d0bf;
        text-align: left;
    }

    .r {
        text-align: right;
    }

    .quiet {
        color: #55616a;
    }

    .sum td,
    .sum th {
        font-weight: bold;
    }
</style>
