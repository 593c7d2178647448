<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Table\CsvTable;
use App\Table\CsvWriter;
use App\Table\OdsTable;
use App\Table\OpenTable;
use App\Table\Table;
use App\Table\TableProblem;
use App\Table\UnreadableTable;
use App\Table\XlsxTable;
use App\Table\XlsxWriter;
use App\Table\ZippedXml;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Files of rows as spreadsheets write them, against samples written by hand from the standards. */
#[CoversClass(OpenTable::class)]
#[CoversClass(CsvTable::class)]
#[CoversClass(XlsxTable::class)]
#[CoversClass(OdsTable::class)]
#[CoversClass(ZippedXml::class)]
#[CoversClass(XlsxWriter::class)]
#[CoversClass(CsvWriter::class)]
final class TableTest extends TestCase
{
    private const MAIN = 'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"';

    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
    }

    /** @return iterable<string, array{string}> the same two rows */
    public static function encodings(): iterable
    {
        $text = "Dog;Note;Yards\r\nMörk;\"said \"\"sí\"\"\nthen left\";12,5\r\n\r\n";
        yield 'as it is' => [$text];
        yield 'with a mark of UTF-8' => ["\xEF\xBB\xBF{$text}"];
        yield 'Windows' => [(string) mb_convert_encoding($text, 'Windows-1252', 'UTF-8')];
        yield 'two bytes a letter' => ["\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8')];
        yield 'two bytes, the other way round' => ["\xFE\xFF".mb_convert_encoding($text, 'UTF-16BE', 'UTF-8')];
        yield 'tabs' => [str_replace(';', "\t", $text)];
        yield 'bars' => [str_replace(';', '|', $text)];
    }

    #[DataProvider('encodings')]
    public function test_text_is_read_in_whatever_encoding_and_with_whatever_mark(string $text): void
    {
        self::assertSame(
            [1 => ['Dog', 'Note', 'Yards'], 2 => ['Mörk', "said \"sí\"\nthen left", '12,5']], self::rows($this->file($text)),
        );
    }

    public function test_a_workbook_tells_texts_numbers_dates_and_empty_cells(): void
    {
        $rows = self::rows($this->workbook(
            '<row r="2"><c r="A2" t="s"><v>0</v></c><c r="C2" t="s"><v>1</v></c></row>'
            .'<row r="4"><c r="A4" s="1"><v>45724</v></c><c r="B4" s="2"><v>45724.4375</v></c><c r="C4" s="0"><v>12.5</v></c>'
            .'<c r="D4" t="inlineStr"><is><t>as told</t></is></c><c r="E4" t="str"><f>1+1</f><v>two</v></c>'
            .'<c r="F4" t="e"><v>#REF!</v></c><c r="G4" s="3"><v>0.5</v></c></row>',
        ));

        self::assertSame([
            2 => ['Dog', '', 'Rich text'],
            4 => ['2025-03-08', '2025-03-08T10:30:00', '12.5', 'as told', 'two', '', '12:00:00'],
        ], $rows);
    }

    /** ECMA-376, 18.17.4.1: day 60 is a February 29 that never was; 1904 begins 1,462 days later. */
    #[TestWith(['1', '1900-01-01', ''])]
    #[TestWith(['59', '1900-02-28', ''])]
    #[TestWith(['61', '1900-03-01', ''])]
    #[TestWith(['1', '1904-01-02', '<workbookPr date1904="1"/>'])]
    public function test_days_are_counted_as_the_standard_counts_them(string $serial, string $day, string $properties): void
    {
        self::assertSame([1 => [$day]], self::rows($this->workbook("<row><c s=\"1\"><v>{$serial}</v></c></row>", $properties)));
    }

    public function test_an_open_document_tells_the_same(): void
    {
        $cell = static fn (string $attributes,
            string $text): string => "<table:table-cell {$attributes}><text:p>{$text}</text:p></table:table-cell>";
        $content = '<table:table table:name="Log"><table:table-column/><table:table-row>'.$cell('office:value-type="string"', 'Dog')
            .'<table:table-cell table:number-columns-repeated="2"/>'.$cell('office:value-type="string"', 'When<text:s text:c="2"/>seen')
            .'<table:table-cell table:number-columns-repeated="16380"/></table:table-row>'
            .'<table:table-row table:number-rows-repeated="3"><table:table-cell table:number-columns-repeated="16384"/></table:table-row>'
            .'<table:table-row table:number-rows-repeated="2">'.$cell('office:value-type="float" office:value="12.5"', '12,5')
            .$cell('office:value-type="date" office:date-value="2025-03-08"', '8.3.25')
            .$cell('office:value-type="time" office:time-value="PT09H30M00S"', '9:30')
            .'<table:table-cell office:value-type="string"><office:annotation><text:p>no</text:p></office:annotation><text:p>one</text:p>'
            .'<text:p>two</text:p></table:table-cell></table:table-row>'
            .'<table:table-row table:number-rows-repeated="1048570"><table:table-cell/></table:table-row></table:table>'
            .'<table:table table:name="Other"><table:table-row>'.$cell('office:value-type="string"',
                'not this').'</table:table-row></table:table>';
        $file = $this->zip(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'content.xml' => '<office:document-content '
            .'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
            .'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" '
            .'xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet>'.$content
            .'</office:spreadsheet></office:body></office:document-content>']);

        $told = ['12.5', '2025-03-08', '09:30:00', "one\ntwo"];
        self::assertSame([1 => ['Dog', '', '', 'When  seen'], 5 => $told, 6 => $told], self::rows($file));
    }

    public function test_what_is_written_is_read_again_and_runs_nowhere(): void
    {
        $rows = [['Dog', 'n'], ['=HYPERLINK("x")', 3], ["Mörk \x01<&>", -2.5], [null, true], ['-3', '+1']];
        $file = $this->file('');
        XlsxWriter::write($file, $rows);
        self::assertSame(
            [1 => ['Dog', 'n'], 2 => ['=HYPERLINK("x")', '3'], 3 => ['Mörk <&>', '-2.5'], 4 => ['', '1'], 5 => ['-3', '+1']],
            self::rows($file),
        );
        $text = (string) file_get_contents("zip://{$file}#xl/worksheets/sheet1.xml");
        self::assertStringNotContainsString('<f>', $text);

        $csv = fopen('php://temp', 'w+');
        self::assertIsResource($csv);
        CsvWriter::write($csv, $rows);
        rewind($csv);
        self::assertStringContainsString("\"'=HYPERLINK(\"\"x\"\")\",3\r\n", (string) stream_get_contents($csv));
    }

    public function test_what_is_no_table_is_refused_with_the_reason(): void
    {
        $bomb = $this->zip(['xl/workbook.xml' => str_repeat('0', 3_000_000)]);
        $doctype = $this->zip(['content.xml' => '<!DOCTYPE a [<!ENTITY b "c">]><a>&b;</a>']);
        foreach ([
            [$this->file(''), TableProblem::Empty],
            [$this->file("%PDF-1.7\n"), TableProblem::NoTable],
            [$this->file("\xD0\xCF\x11\xE0old"), TableProblem::NoTable],
            [$this->file("a\0b"), TableProblem::NoTable],
            [$this->file("PK\x03\x04broken"), TableProblem::Damaged],
            [$this->zip(['../../etc/passwd' => 'x']), TableProblem::NoTable],
            [$bomb, TableProblem::TooLarge],
            [$doctype, TableProblem::Damaged],
            [$this->workbook('<row><c r="ZZZ1"><v>1</v></c></row>'), TableProblem::TooManyColumns],
            [$this->workbook('<row r="200001"><c><v>1</v></c></row>'), TableProblem::TooManyRows],
            [$this->workbook('<row><c><v>1</v></row>'), TableProblem::Damaged],
            [$this->file(str_repeat(',', 1_000_000)), TableProblem::TooManyColumns],
        ] as $i => [$file, $problem]) {
            try {
                self::rows($file);
                self::fail("{$i} was read");
            } catch (UnreadableTable $told) {
                self::assertSame($problem, $told->problem, (string) $i);
            }
        }
        self::assertCount(1, self::rows($this->file(str_repeat(',', Table::MOST_COLUMNS - 1).'x')));
    }

    private function workbook(string $rows, string $properties = ''): string
    {
        return $this->zip([
            'xl/workbook.xml' => '<workbook '.self::MAIN.' xmlns:r="'.self::RELATIONS."\">{$properties}<sheets>"
                .'<sheet name="Log" r:id="rId3"/>'
                .'<sheet name="Other" r:id="rId4"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => '<Relationships><Relationship Id="rId3" Target="worksheets/sheet7.xml"/></Relationships>',
            'xl/sharedStrings.xml' => '<sst '.self::MAIN.'><si><t>Dog</t></si><si><r><t>Rich </t></r><r><rPr/><t>text</t></r>'
                .'<rPh><t>no</t></rPh></si></sst>',
            'xl/styles.xml' => '<styleSheet '.self::MAIN.'><numFmts><numFmt numFmtId="164" formatCode="d/m/yyyy\ h:mm"/>'
                .'<numFmt numFmtId="165" formatCode="0.0&quot; yd&quot;"/></numFmts><cellStyleXfs><xf numFmtId="14"/></cellStyleXfs>'
                .'<cellXfs><xf numFmtId="165"/><xf numFmtId="14"/><xf numFmtId="164"/><xf numFmtId="20"/></cellXfs></styleSheet>',
            'xl/worksheets/sheet7.xml' => '<worksheet '.self::MAIN."><sheetData>{$rows}</sheetData></worksheet>",
        ]);
    }

    /** @param  array<string, string>  $parts */
    private function zip(array $parts): string
    {
        $file = $this->file('');
        $zip = new \ZipArchive;
        $zip->open($file, \ZipArchive::OVERWRITE);
        foreach ($parts as $name => $part) {
            $zip->addFromString($name, $part);
        }
        $zip->close();

        return $file;
    }

    private function file(string $text): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'table');
        file_put_contents($file, $text);

        return $this->files[] = $file;
    }

    /** @return array<int, list<string>> */
    private static function rows(string $file): array
    {
        return iterator_to_array(OpenTable::of($file)->rows());
    }
}
