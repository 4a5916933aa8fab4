package paper

import (
	"io"
	"strconv"

	"github.com/xuri/excelize/v2"
)

// WriteXLSX writes rows as a spreadsheet, the first being its head; what is a number in the columns named is one there.
func WriteXLSX(w io.Writer, rows [][]string, numeric map[string]bool) error {
	f := excelize.NewFile()
	defer f.Close()
	const sheet = "Sheet1"
	for i, row := range rows {
		cells := make([]any, len(row))
		for k, v := range row {
			cells[k] = v
			if n, err := strconv.ParseFloat(v, 64); err == nil && i > 0 && numeric[rows[0][k]] {
				cells[k] = n
			}
		}
		at, err := excelize.CoordinatesToCellName(1, i+1)
		if err != nil {
			return err
		}
		if err := f.SetSheetRow(sheet, at, &cells); err != nil {
			return err
		}
	}
	return f.Write(w)
}
